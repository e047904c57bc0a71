import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * What the tables of large collections are read off: entries by their author, those that are not
 * published, and titles by the letters in them within their collection.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `create index entries_by_author on entries (collection_id, coalesce(author_id, 0), id desc) where deleted_at is null`,
  `create index entries_unpublished on entries (collection_id, status, published_at desc nulls last, id desc) where deleted_at is null and status <> 'published'`,
  // Counts are read by key, in whichever collections.
  `create index key_counts_key on key_counts (key)`,
]
