import { sql } from 'kysely'
import type { IndexedEntry } from '../../core/content/entry'
import type { Db } from '../db/client'

/** An entry as questions see it, or null where it is not published. */
export async function indexedEntry(db: Db, id: number): Promise<IndexedEntry | null> {
  const [row, words, reads] = await Promise.all([
    db.selectFrom('entry_index').selectAll().where('entry_id', '=', id).executeTakeFirst(),
    db.selectFrom('entry_words').select('words').where('entry_id', '=', id).executeTakeFirst(),
    db
      .selectFrom('entry_reads')
      .select([sql<string>`day::text`.as('day'), 'count'])
      .where('entry_id', '=', id)
      .execute(),
  ])
  if (!row) return null
  return {
    id: row.entry_id,
    collectionId: row.collection_id,
    title: row.title,
    publishedAt: row.published_at.getTime(),
    expiresAt: row.expires_at?.getTime() ?? null,
    views: row.views,
    comments: row.comments,
    rating: row.rating,
    pinned: row.pinned,
    keys: row.keys,
    values: row.sort_values,
    words: words?.words ?? [],
    reads: reads.map(({ day, count }) => ({ day: Date.parse(day), count })),
  }
}
