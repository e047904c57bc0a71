import type { Field } from '../../core/content/field'
import type { Db } from '../db/client'
import type { Database } from '../db/schema'

/** The fields there are, in order, by collection: of one, or of all. */
export async function fieldsBy(db: Db, collectionId: number | null): Promise<ReadonlyMap<number, readonly Field[]>> {
  const rows = await db
    .selectFrom('fields')
    .selectAll()
    .where('deleted_at', 'is', null)
    .$if(collectionId !== null, (query) => query.where('collection_id', '=', collectionId))
    .orderBy('position')
    .orderBy('id')
    .execute()
  const found = new Map<number, Field[]>()
  for (const row of rows) found.set(row.collection_id, [...(found.get(row.collection_id) ?? []), fieldOf(row)])
  return found
}

/** The fields of a collection, in order. */
export async function fieldsOf(db: Db, collectionId: number): Promise<readonly Field[]> {
  return (await fieldsBy(db, collectionId)).get(collectionId) ?? []
}

type FieldRow = Pick<Database['fields'], 'key' | 'name' | 'type' | 'position'> & {
  readonly id: number
  readonly settings: object
  readonly required: boolean
  readonly help: string
  readonly fallback: unknown
  readonly filterable: boolean
  readonly sortable: boolean
}

export function fieldOf(row: FieldRow): Field {
  const { id, key, name, type, settings, required, help, fallback, filterable, sortable } = row
  return { id, key, name, type, settings, required, help, fallback, filterable, sortable }
}
