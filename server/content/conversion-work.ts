import { sql } from 'kysely'
import { storageOf } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { convertValue } from '../../core/content/fields'
import type { Trx } from '../db/client'
import { recordChange } from '../live/record-change'
import { loadSite } from '../site/site'
import { beginWork } from '../work/begin'
import { atStart, progressAfter } from '../work/define'
import type { LongWork, Progress, WorkExtent } from '../work/define'
import { extentOf } from '../work/extents'
import { lockForm } from './form-locks'
import { refreshFieldIndex } from './field-index'
import { fieldOf, formColumnsOf } from './fields'
import { collectionIndexing } from './index-work'

interface Converting {
  readonly collection: number
  /** The field as it stays known. */
  readonly field: number
  /** The row that holds what it becomes; afterwards, what it was. */
  readonly shadow: number
  /** Whether an earlier form returns: then what is kept of it stays as it is. */
  readonly isReturning: boolean
}

const atOnce = 500

/**
 * Writes the values of a field beside themselves in its other form, while it is read in the present
 * one; saves write both. When all are there, the two change places in one moment.
 */
export const fieldConverting: LongWork<Converting, Progress> = {
  kind: 'convert-field',
  start: atStart,
  atOnce,
  about: (trx, { collection, field }) =>
    extentOf(
      trx,
      sql<WorkExtent>`
        select name as subject, (
          select count(*)::integer from entries
          where collection_id = ${collection} and field_values ? coalesce(fields.stored_as, fields.id)::text) as size
        from fields where id = ${field}`,
    ),
  async step(trx, detail, { after }) {
    const [field, shadow] = [await fieldRow(trx, detail.field), await fieldRow(trx, detail.shadow)]
    const rows = await lockValues(trx, detail, field, shadow, after)
    const progress = progressAfter(rows.map((row) => row.id))
    if (progress === null) return changePlaces(trx, detail)
    const place = await loadSite(trx)
    const put = rows.map(({ id, value }) => {
      const converted = convertValue(value, field, shadow, place)
      return { id, put: converted.ok ? { [storageOf(shadow)]: converted.value } : {} }
    })
    await sql`
      update entries set field_values = (field_values - ${String(storageOf(shadow))}::text) || given.put
      from jsonb_to_recordset(${JSON.stringify(put)}::jsonb) given (id integer, put jsonb)
      where entries.id = given.id`.execute(trx)
    await refreshFieldIndex(
      trx,
      detail.collection,
      rows.map((row) => row.id),
    )
    return progress
  },
}

/** The next entries with a value, held; deleted ones too, which may be put back. */
async function lockValues(
  trx: Trx,
  { collection, isReturning }: Converting,
  field: Field,
  shadow: Field,
  after: number,
): Promise<readonly { readonly id: number; readonly value: unknown }[]> {
  const [from, to] = [String(storageOf(field)), String(storageOf(shadow))]
  const { rows } = await sql<{ id: number; value: unknown }>`
    select id, field_values -> ${from}::text as value from entries
    where collection_id = ${collection} and id > ${after} and field_values ? ${from}::text and (${!isReturning} or not field_values ? ${to}::text)
    order by id limit ${atOnce} for update`.execute(trx)
  return rows
}

async function changePlaces(
  trx: Trx,
  { collection, field: id, shadow: shadowId, isReturning }: Converting,
): Promise<null> {
  // Nobody is between reading the form of an entry and saving it.
  await lockForm(trx, collection)
  const [field, shadow] = [await fieldRow(trx, id), await fieldRow(trx, shadowId)]
  // What it is called may have changed since.
  const form = isReturning ? { ...shadow, name: field.name, key: field.key } : shadow
  await trx
    .updateTable('fields')
    .set({ ...formColumnsOf(form), stored_as: storedAs(id, storageOf(shadow)) })
    .where('id', '=', id)
    .execute()
  if (isReturning) await trx.deleteFrom('fields').where('id', '=', shadowId).execute()
  else
    await trx
      .updateTable('fields')
      .set({ ...formColumnsOf(field), stored_as: storedAs(shadowId, storageOf(field)), becoming: false })
      .where('id', '=', shadowId)
      .execute()
  await recordChange(trx, { kind: 'site', subjectId: null })
  // The words of texts that came or went.
  await beginWork(trx, collectionIndexing, { collection })
  return null
}

function storedAs(id: number, storage: number): number | null {
  return storage === id ? null : storage
}

async function fieldRow(trx: Trx, id: number): Promise<Field> {
  return fieldOf(await trx.selectFrom('fields').selectAll().where('id', '=', id).executeTakeFirstOrThrow())
}
