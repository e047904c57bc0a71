import { sql } from 'kysely'
import { indexedValues, valuesOf } from '../../core/content/field'
import type { Trx } from '../db/client'
import { indexEntries } from './entry-index'
import { loadSite } from '../site/site'
import { fieldsBecoming, fieldsOf } from './fields'
import { refreshOccurrences } from './occurrences'

/**
 * Computes anew what these entries of a collection are ordered and narrowed by, from their values,
 * and brings the entry index up to date with it, and when they happen.
 */
export async function refreshFieldIndex(
  trx: Trx,
  collectionId: number,
  ids: readonly number[],
): Promise<void> {
  if (ids.length === 0) return
  const [own, becoming, { locale }] = await Promise.all([
    fieldsOf(trx, collectionId),
    fieldsBecoming(trx, collectionId),
    loadSite(trx),
  ])
  const fields = [...own, ...becoming.map((one) => one.field)]
  const rows = await trx
    .selectFrom('entries')
    .select(['id', 'field_values'])
    .where('id', 'in', [...ids])
    .execute()
  const indexed = rows.map((row) => ({
    id: row.id,
    ...indexedValues(fields, valuesOf(fields, row.field_values), locale),
  }))
  const keyOf = await internKeys(
    trx,
    indexed.flatMap((one) => one.keys),
  )
  const refreshed = indexed.map((one) => ({ id: one.id, sort: one.sort, keys: one.keys.map(keyOf) }))
  await sql`
    update entries set
      sort_values = given.sort,
      field_keys = array(select jsonb_array_elements_text(given.keys)::integer)
    from jsonb_to_recordset(${JSON.stringify(refreshed)}::jsonb) given (id integer, sort jsonb, keys jsonb)
    where entries.id = given.id`.execute(trx)
  await indexEntries(trx, ids)
  await refreshOccurrences(trx, collectionId, ids, Date.now())
}

type FieldKey = ReturnType<typeof indexedValues>['keys'][number]

/** Gives every value of a field a number of the one series, making those that are new. */
async function internKeys(trx: Trx, keys: readonly FieldKey[]): Promise<(key: FieldKey) => number> {
  const nameOf = ({ fieldId, value }: FieldKey) => `${fieldId} ${value}`
  const distinct = [...new Map(keys.map((key) => [nameOf(key), key])).values()]
  const known = new Map<string, number>()
  if (distinct.length > 0) {
    const given = JSON.stringify(distinct.map(({ fieldId, value }) => ({ field_id: fieldId, value })))
    await sql`
      insert into field_keys (field_id, value)
      select field_id, value from jsonb_to_recordset(${given}::jsonb) given (field_id integer, value text)
      order by field_id, value
      on conflict do nothing`.execute(trx)
    const { rows } = await sql<{ id: number; field_id: number; value: string }>`
      select k.id, k.field_id, k.value from field_keys k
      join jsonb_to_recordset(${given}::jsonb) given (field_id integer, value text)
        on given.field_id = k.field_id and given.value = k.value`.execute(trx)
    for (const row of rows) known.set(nameOf({ fieldId: row.field_id, value: row.value }), row.id)
  }
  return (key) => {
    const id = known.get(nameOf(key))
    if (id === undefined)
      throw new Error(`The value “${key.value}” of field ${key.fieldId} was not interned.`)
    return id
  }
}
