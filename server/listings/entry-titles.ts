import type { Db } from '../db/client'

/** The titles of entries by their ids; those that are gone have none. */
export async function entryTitles(db: Db, ids: readonly number[]): Promise<ReadonlyMap<number, string>> {
  if (ids.length === 0) return new Map()
  const found = await db
    .selectFrom('entries')
    .select(['id', 'title'])
    .where('id', 'in', [...new Set(ids)])
    .where('deleted_at', 'is', null)
    .execute()
  return new Map(found.map((row) => [row.id, row.title]))
}
