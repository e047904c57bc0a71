import type { Field, FieldInput } from '../../core/content/field'
import type { Db } from '../db/client'
import type { Database } from '../db/schema'

/** The fields there are, in order, by collection: of one, or of all. */
export async function fieldsBy(
  db: Db,
  collectionId: number | null,
): Promise<ReadonlyMap<number, readonly Field[]>> {
  const rows = await db
    .selectFrom('fields')
    .selectAll()
    .where('deleted_at', 'is', null)
    .$if(collectionId !== null, (query) => query.where('collection_id', '=', collectionId))
    .orderBy('position')
    .orderBy('id')
    .execute()
  const found = new Map<number, Field[]>()
  for (const row of rows)
    found.set(row.collection_id, [...(found.get(row.collection_id) ?? []), fieldOf(row)])
  return found
}

/** The fields of a collection, in order. */
export async function fieldsOf(db: Db, collectionId: number): Promise<readonly Field[]> {
  return (await fieldsBy(db, collectionId)).get(collectionId) ?? []
}

/** A field's form as its row has it. */
export function formColumnsOf(field: FieldInput) {
  const { key, name, type, required, help, filterable, sortable } = field
  return {
    key,
    name,
    type,
    required,
    help,
    filterable,
    sortable,
    settings: JSON.stringify(field.settings),
    fallback: JSON.stringify(field.fallback),
  }
}

/**
 * What fields of a collection are on their way to be: kept up to date beside them, and read by
 * nobody yet.
 */
export async function fieldsBecoming(
  db: Db,
  collectionId: number,
): Promise<readonly { readonly of: number; readonly field: Field }[]> {
  const rows = await db
    .selectFrom('fields')
    .selectAll()
    .where('collection_id', '=', collectionId)
    .where('becoming', '=', true)
    .execute()
  return rows.flatMap((row) =>
    row.replaced_id === null ? [] : [{ of: row.replaced_id, field: fieldOf(row) }],
  )
}

type FieldRow = Pick<Database['fields'], 'key' | 'name' | 'type' | 'position'> & {
  readonly id: number
  readonly settings: object
  readonly required: boolean
  readonly help: string
  readonly fallback: unknown
  readonly filterable: boolean
  readonly sortable: boolean
  readonly stored_as: number | null
}

export function fieldOf(row: FieldRow): Field {
  const {
    id,
    key,
    name,
    type,
    settings,
    required,
    help,
    fallback,
    filterable,
    sortable,
    stored_as: storedAs,
  } = row
  return {
    id,
    key,
    name,
    type,
    settings,
    required,
    help,
    fallback,
    filterable,
    sortable,
    ...(storedAs !== null && { storedAs }),
  }
}
