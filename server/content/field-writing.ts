import { sql } from 'kysely'
import { mostFields, parseFieldInput } from '../../core/content/field'
import type { Field, FieldInput } from '../../core/content/field'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { beginWork } from '../work/begin'
import { finishSoon } from '../work/finish'
import { lockCollection } from './form-locks'
import { collectionIndexing } from './index-work'
import { fieldOf, fieldsOf, formColumnsOf } from './fields'

/** Adds a field at the end of a collection's form. Throws 422 for what is wrong in it. */
export async function addField(db: Db, collectionId: number, input: unknown): Promise<Field> {
  const field = accepted(parseFieldInput(input))
  return transact(db, async (trx) => {
    await lockCollection(trx, collectionId)
    const fields = await fieldsOf(trx, collectionId)
    if (fields.length >= mostFields)
      throw refused([{ path: '', message: `A collection has at most ${mostFields} fields.` }])
    await checkField(trx, fields, field, null)
    const row = await trx
      .insertInto('fields')
      .values({
        collection_id: collectionId,
        position: fields.length,
        replaced_id: null,
        ...formColumnsOf(field),
      })
      .returningAll()
      .executeTakeFirstOrThrow()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return fieldOf(row)
  })
}

/** Changes a field but not its type, which has a way of its own. Values are kept. */
export async function saveField(db: Db, id: number, input: unknown): Promise<Field> {
  const field = accepted(parseFieldInput(input))
  const { saved, work } = await transact(db, async (trx) => {
    const before = await lockField(trx, id)
    if (before.type !== field.type)
      throw refused([
        { path: 'type', message: 'Changing the type converts what is stored. Look at what that does first.' },
      ])
    await refuseBecoming(trx, id)
    const fields = await fieldsOf(trx, before.collection_id)
    await checkField(trx, fields, field, id)
    const row = await trx
      .updateTable('fields')
      .set(formColumnsOf(field))
      .where('id', '=', id)
      .returningAll()
      .executeTakeFirstOrThrow()
    const reindexes =
      before.filterable !== field.filterable ||
      before.sortable !== field.sortable ||
      ['choice', 'money'].includes(field.type)
    await recordChange(trx, { kind: 'site', subjectId: null })
    return {
      saved: fieldOf(row),
      work: reindexes ? await beginWork(trx, collectionIndexing, { collection: before.collection_id }) : null,
    }
  })
  if (work !== null) await finishSoon(db, work)
  return saved
}

/** Puts the fields of a collection in an order. Throws 422 when `ids` are not exactly its fields. */
export async function orderFields(db: Db, collectionId: number, ids: readonly number[]): Promise<void> {
  await transact(db, async (trx) => {
    await lockCollection(trx, collectionId)
    const known = (await fieldsOf(trx, collectionId)).map((field) => field.id)
    if (known.length !== ids.length || known.some((id) => !ids.includes(id)))
      throw refused([
        { path: 'ids', message: 'The fields have changed meanwhile. Open them anew and order them again.' },
      ])
    await sql`
      update fields set position = given.position
      from unnest(${sql.val([...ids])}::integer[]) with ordinality given (id, position)
      where fields.id = given.id`.execute(trx)
  })
}

/** Takes a field out of its collection, or puts it back; the values stay stored. */
export async function setFieldDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  const work = await transact(db, async (trx) => {
    const found = await trx
      .selectFrom('fields')
      .select('collection_id')
      .where('id', '=', id)
      .where('replaced_id', 'is', null)
      .executeTakeFirst()
    if (!found) throw missing('The field')
    await lockCollection(trx, found.collection_id)
    const row = await trx.selectFrom('fields').selectAll().where('id', '=', id).executeTakeFirstOrThrow()
    if ((row.deleted_at !== null) === deleted) return null
    await refuseBecoming(trx, id)
    if (!deleted) await checkField(trx, await fieldsOf(trx, row.collection_id), fieldOf(row), id)
    await trx
      .updateTable('fields')
      .set({ deleted_at: deleted ? new Date() : null })
      .where('id', '=', id)
      .execute()
    await recordChange(trx, { kind: 'site', subjectId: null })
    return beginWork(trx, collectionIndexing, { collection: row.collection_id })
  })
  if (work !== null) await finishSoon(db, work)
}

/** The field, with the form of its collection held against everybody who writes by it. Throws 404. */
export async function lockField(trx: Trx, id: number) {
  const found = await trx
    .selectFrom('fields')
    .select('collection_id')
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!found) throw missing('The field')
  await lockCollection(trx, found.collection_id)
  const row = await trx
    .selectFrom('fields')
    .selectAll()
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row) throw missing('The field')
  return row
}

/** Throws 422 while a field is on its way to another type. */
export async function refuseBecoming(trx: Trx, id: number): Promise<void> {
  const other = await trx
    .selectFrom('fields')
    .select('id')
    .where('replaced_id', '=', id)
    .where('becoming', '=', true)
    .executeTakeFirst()
  if (other)
    throw refused([
      { path: '', message: 'The type of this field is just being changed. Wait until that is done.' },
    ])
}

/** Throws 422 where a field does not fit beside the others of its collection. */
export async function checkField(
  trx: Trx,
  fields: readonly Field[],
  field: FieldInput,
  id: number | null,
): Promise<void> {
  const others = fields.filter((one) => one.id !== id)
  if (others.some((one) => one.key === field.key))
    throw refused([{ path: 'key', message: `“${field.key}” is the key of another field. Choose another.` }])
  if (others.some((one) => one.name.toLowerCase() === field.name.toLowerCase()))
    throw refused([
      { path: 'name', message: `Another field is called “${field.name}”. Choose another name.` },
    ])
  if (field.type !== 'reference') return
  const { collection } = field.settings as { readonly collection: number }
  const target = await trx
    .selectFrom('collections')
    .select('id')
    .where('id', '=', collection)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!target)
    throw refused([{ path: 'settings.collection', message: 'This collection is gone. Choose another.' }])
}
