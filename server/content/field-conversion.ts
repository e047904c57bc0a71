import { sql } from 'kysely'
import type { FieldConversion } from '../../core/content/answers'
import { formatValue, parseFieldInput } from '../../core/content/field'
import type { Field, FieldInput } from '../../core/content/field'
import { convertValue } from '../../core/content/fields'
import type { FieldPlace } from '../../core/content/fields/define'
import type { Db, Trx } from '../db/client'
import { accepted, missing } from '../http/problem'
import { recordChange } from '../live/record-change'
import { loadSite } from '../site/site'
import { lockCollection } from './collections'
import { refreshFieldIndex } from './field-index'
import { checkField, columnsOf, lockField } from './field-writing'
import { fieldOf, fieldsOf } from './fields'

const batch = 1000
/** So many refused values are listed; the others are counted. */
const listed = 100

/** What giving a field another form would do to the values there are, without doing it. */
export async function tryConversion(db: Db, id: number, input: unknown): Promise<FieldConversion> {
  const wanted = accepted(parseFieldInput(input))
  const row = await db.selectFrom('fields').selectAll().where('id', '=', id).where('deleted_at', 'is', null).executeTakeFirst()
  if (!row) throw missing('The field')
  const field = fieldOf(row)
  const place = await loadSite(db)
  const outcome = { total: 0, converted: 0, refusedCount: 0, refused: [] as FieldConversion['refused'][number][] }
  for await (const rows of valuesOf(db, row.collection_id, id)) {
    for (const { entryId, title, value } of rows) {
      outcome.total += 1
      const converted = convertValue(value, field, wanted, place)
      if (converted.ok) outcome.converted += 1
      else {
        outcome.refusedCount += 1
        if (outcome.refused.length < listed)
          outcome.refused.push({ entryId, title, text: textOf(field, value, place), message: converted.faults[0]?.message ?? '' })
      }
    }
  }
  return outcome
}

/**
 * Gives a field another form and converts its values; those that cannot be are left empty. The
 * field keeps its id. Its old form and values are kept under a deleted field, for the way back.
 */
export async function convertField(db: Db, id: number, input: unknown): Promise<Field> {
  const wanted = accepted(parseFieldInput(input))
  return db.transaction().execute(async (trx) => {
    const before = await lockField(trx, id)
    await lockCollection(trx, before.collection_id)
    await checkField(trx, await fieldsOf(trx, before.collection_id), wanted, id)
    const field = fieldOf(before)
    const kept = await trx
      .insertInto('fields')
      .values({
        collection_id: before.collection_id,
        position: before.position,
        ...columnsOf(field),
        deleted_at: new Date(),
        replaced_id: id,
      })
      .returning('id')
      .executeTakeFirstOrThrow()
    const place = await loadSite(trx)
    await rewriteValues(trx, before.collection_id, id, (value) => {
      const converted = convertValue(value, field, wanted, place)
      return { [kept.id]: value, ...(converted.ok ? { [id]: converted.value } : {}) }
    })
    return finish(trx, before.collection_id, id, wanted)
  })
}

/**
 * Takes the last change of a field's type back: the old form and the old values return. Values
 * written since are converted where they can be. Throws 404 when there was no such change.
 */
export async function undoConversion(db: Db, id: number): Promise<Field> {
  return db.transaction().execute(async (trx) => {
    const now = await lockField(trx, id)
    await lockCollection(trx, now.collection_id)
    const old = await trx.selectFrom('fields').selectAll().where('replaced_id', '=', id).orderBy('id', 'desc').forUpdate().executeTakeFirst()
    if (!old) throw missing('An earlier type of this field')
    const [current, former, place] = [fieldOf(now), fieldOf(old), await loadSite(trx)]
    await rewriteValues(trx, now.collection_id, id, (value, all) => {
      if (all[old.id] !== undefined) return {}
      const converted = convertValue(value, current, former, place)
      return converted.ok ? { [id]: converted.value } : {}
    })
    await rewriteValues(trx, now.collection_id, old.id, (value) => ({ [id]: value }))
    await trx.deleteFrom('fields').where('id', '=', old.id).execute()
    return finish(trx, now.collection_id, id, { ...former, name: current.name, key: current.key })
  })
}

async function finish(trx: Trx, collectionId: number, id: number, field: FieldInput): Promise<Field> {
  const row = await trx.updateTable('fields').set(columnsOf(field)).where('id', '=', id).returningAll().executeTakeFirstOrThrow()
  await refreshFieldIndex(trx, collectionId)
  await recordChange(trx, { kind: 'site', subjectId: null })
  return fieldOf(row)
}

interface StoredValue {
  readonly entryId: number
  readonly title: string
  readonly value: unknown
  readonly all: Readonly<Record<string, unknown>>
}

/** The values of a field in batches, deleted entries' too: those may be put back. */
async function* valuesOf(db: Db, collectionId: number, fieldId: number): AsyncGenerator<readonly StoredValue[]> {
  for (let after = 0; ; ) {
    const rows = await db
      .selectFrom('entries')
      .select(['id', 'title', 'field_values'])
      .where('collection_id', '=', collectionId)
      .where('id', '>', after)
      .where(sql<boolean>`field_values ? ${String(fieldId)}`)
      .orderBy('id')
      .limit(batch)
      .execute()
    const last = rows.at(-1)
    if (last === undefined) return
    after = last.id
    yield rows.map((row) => ({ entryId: row.id, title: row.title, value: row.field_values[fieldId], all: row.field_values }))
  }
}

/** Puts what `change` gives in the place of each value of a field. Who has an entry open is told when saving. */
async function rewriteValues(
  trx: Trx,
  collectionId: number,
  fieldId: number,
  change: (value: unknown, all: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>,
): Promise<void> {
  for await (const rows of valuesOf(trx, collectionId, fieldId)) {
    const given = JSON.stringify(rows.map(({ entryId, value, all }) => ({ id: entryId, put: change(value, all) })))
    await sql`
      update entries set field_values = (field_values - ${String(fieldId)}::text) || given.put, version = version + 1
      from jsonb_to_recordset(${given}::jsonb) given (id integer, put jsonb)
      where entries.id = given.id`.execute(trx)
  }
}

function textOf(field: Field, value: unknown, place: FieldPlace): string {
  return formatValue(field, value, place).slice(0, 200)
}
