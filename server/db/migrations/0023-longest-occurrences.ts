import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * What lies across days by when it begins, and how long anything takes: what happens in a stretch of time
 * began no earlier than so long before it.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`create index occurrences_length on occurrences (collection_id, (ends_at - starts_at))`.execute(db)
  await sql`create index occurrences_long on occurrences (collection_id, starts_at)
    where ends_at - starts_at >= interval '24 hours'`.execute(db)
}
