import { sql } from 'kysely'
import type { ConvertedField, FieldConversion } from '../../core/content/answers'
import { formatValue, parseFieldInput, storageOf } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { convertValue } from '../../core/content/fields'
import type { FieldPlace } from '../../core/content/fields/define'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing } from '../http/problem'
import { loadSite } from '../site/site'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { fieldConverting } from './conversion-work'
import { checkField, lockField, refuseBecoming } from './field-writing'
import { fieldOf, fieldsOf, formColumnsOf } from './fields'
import { collectionIndexing } from './index-work'

const batch = 1000
/** So many refused values are listed; the others are counted. */
const listed = 100

/** What giving a field another form would do to the values there are, without doing it. */
export async function tryConversion(db: Db, id: number, input: unknown): Promise<FieldConversion> {
  const wanted = accepted(parseFieldInput(input))
  const row = await db
    .selectFrom('fields')
    .selectAll()
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row) throw missing('The field')
  const field = fieldOf(row)
  const place = await loadSite(db)
  const outcome = {
    total: 0,
    converted: 0,
    refusedCount: 0,
    refused: [] as FieldConversion['refused'][number][],
  }
  for await (const rows of valuesOf(db, row.collection_id, storageOf(field))) {
    for (const { entryId, title, value } of rows) {
      outcome.total += 1
      const converted = convertValue(value, field, wanted, place)
      if (converted.ok) outcome.converted += 1
      else {
        outcome.refusedCount += 1
        if (outcome.refused.length < listed)
          outcome.refused.push({
            entryId,
            title,
            text: textOf(field, value, place),
            message: converted.faults[0]?.message ?? '',
          })
      }
    }
  }
  return outcome
}

/**
 * Gives a field another form and converts its values; those that cannot be are left empty. The
 * field keeps its id. Its old form and values are kept under a deleted field, for the way back.
 */
export async function convertField(db: Db, id: number, input: unknown): Promise<ConvertedField> {
  const wanted = accepted(parseFieldInput(input))
  const { collection, work } = await transact(db, async (trx) => {
    const before = await lockField(trx, id)
    await refuseBecoming(trx, id)
    await checkField(trx, await fieldsOf(trx, before.collection_id), wanted, id)
    const shadow = await trx
      .insertInto('fields')
      .values({
        collection_id: before.collection_id,
        position: before.position,
        ...formColumnsOf(wanted),
        deleted_at: new Date(),
        replaced_id: id,
        becoming: true,
      })
      .returning('id')
      .executeTakeFirstOrThrow()
    const detail = { collection: before.collection_id, field: id, shadow: shadow.id, isReturning: false }
    return { collection: before.collection_id, work: await beginWork(trx, fieldConverting, detail) }
  })
  return finishConversion(db, id, collection, work)
}

/**
 * Takes the last change of a field's type back: the old form and the old values return. Values
 * written since are converted where they can be. Throws 404 when there was no such change.
 */
export async function undoConversion(db: Db, id: number): Promise<ConvertedField> {
  const { collection, work } = await transact(db, async (trx) => {
    const now = await lockField(trx, id)
    await refuseBecoming(trx, id)
    const old = await trx
      .selectFrom('fields')
      .select('id')
      .where('replaced_id', '=', id)
      .orderBy('id', 'desc')
      .executeTakeFirst()
    if (!old) throw missing('An earlier type of this field')
    await trx.updateTable('fields').set({ becoming: true }).where('id', '=', old.id).execute()
    const detail = { collection: now.collection_id, field: id, shadow: old.id, isReturning: true }
    return { collection: now.collection_id, work: await beginWork(trx, fieldConverting, detail) }
  })
  return finishConversion(db, id, collection, work)
}

async function finishConversion(
  db: Db,
  id: number,
  collection: number,
  work: string,
): Promise<ConvertedField> {
  const isDone = await finishSoon(db, work)
  const indexing = await db
    .selectFrom('long_work')
    .select('id')
    .where('kind', '=', collectionIndexing.kind)
    .where(sql<boolean>`detail ->> 'collection' = ${String(collection)}`)
    .execute()
  for (const { id: rest } of isDone ? indexing : []) await finishSoon(db, rest)
  const row = await db.selectFrom('fields').selectAll().where('id', '=', id).executeTakeFirstOrThrow()
  return { ...fieldOf(row), isGoingOn: !isDone }
}

interface StoredValue {
  readonly entryId: number
  readonly title: string
  readonly value: unknown
}

/** The values kept under a number in batches, deleted entries' too: those may be put back. */
async function* valuesOf(
  db: Db,
  collectionId: number,
  fieldId: number,
): AsyncGenerator<readonly StoredValue[]> {
  for (let after = 0; ;) {
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
    yield rows.map((row) => ({ entryId: row.id, title: row.title, value: row.field_values[fieldId] }))
  }
}

function textOf(field: Field, value: unknown, place: FieldPlace): string {
  return formatValue(field, value, place).slice(0, 200)
}
