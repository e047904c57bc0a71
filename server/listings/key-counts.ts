import { sql } from 'kysely'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import type { Job } from '../jobs/define'

/** The key under which the entries of a collection themselves are counted. */
export const everyEntry = 0
/** More appended changes than this are added up before they are read again. */
const mostAppended = 20_000

/**
 * How many entries that visitors may see at `now` (epoch milliseconds) have each of the keys, in all
 * of the collections together: exact, from kept counts less the few entries that are yet to appear
 * or have expired.
 */
export async function keyCounts(
  db: Db,
  collections: readonly number[],
  keys: readonly number[],
  now: number,
): Promise<ReadonlyMap<number, number>> {
  if (keys.length === 0) return new Map()
  const [wanted, within] = [
    sql`${sql.val([...keys])}::integer[]`,
    sql`${sql.val([...collections])}::integer[]`,
  ]
  const at = sql`${new Date(now)}::timestamptz`
  const { rows } = await sql<{ key: number; entries: number }>`
    select key, sum(entries)::integer as entries from (
      select key, entries from key_counts where collection_id = any(${within}) and key = any(${wanted})
      union all
      select key, change from key_count_changes where collection_id = any(${within}) and key = any(${wanted})
      union all
      select key, -1 from (
        select keys from entry_index where collection_id = any(${within}) and published_at > ${at}
        union all
        select keys from entry_index where collection_id = any(${within}) and published_at <= ${at} and expires_at <= ${at}
      ) unseen, unnest(keys || ${sql.lit(everyEntry)}) key where key = any(${wanted})
    ) counted group by key`.execute(db)
  return new Map(rows.map((row) => [row.key, row.entries]))
}

/** How many entries of a collection are published, whenever they may be seen. */
export async function publishedCount(db: Db, collectionId: number): Promise<number> {
  const { rows } = await sql<{ entries: number }>`
    select coalesce(sum(entries), 0)::integer as entries from (
      select entries from key_counts where collection_id = ${collectionId} and key = ${sql.lit(everyEntry)}
      union all
      select change from key_count_changes where collection_id = ${collectionId} and key = ${sql.lit(everyEntry)}
    ) counted`.execute(db)
  return rows[0]?.entries ?? 0
}

/**
 * Adds up what writers appended to the counts of keys, when it is much. One server works, the
 * others leave it to that one.
 */
export async function addUpKeyCounts(db: Db, least = mostAppended): Promise<void> {
  await transact(db, async (trx) => {
    const { rows } = await sql<{ held: boolean; many: boolean }>`
      select pg_try_advisory_xact_lock(hashtext('key counts')) as held,
        (select count(*) from (select 1 from key_count_changes limit ${least}) some_of) >= ${least} as many`.execute(
      trx,
    )
    if (rows[0]?.held !== true || !rows[0].many) return
    await sql`
      with appended as (delete from key_count_changes returning collection_id, key, change)
      insert into key_counts (collection_id, key, entries)
      select collection_id, key, sum(change) from appended group by collection_id, key
      on conflict (collection_id, key) do update set entries = key_counts.entries + excluded.entries`.execute(
      trx,
    )
    await sql`delete from key_counts where entries = 0`.execute(trx)
  })
}

/** Adds up what was appended, every minute. */
export const countsAdding: Job = {
  name: 'add-up-counts',
  cron: '* * * * *',
  lease: 60,
  run: (db) => addUpKeyCounts(db),
}
