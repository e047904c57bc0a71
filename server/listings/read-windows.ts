import { sql } from 'kysely'
import type { PlanKey } from '../../core/query/plan'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { dayOf } from './order-columns'

/** Windows that are known to be counted together, by database. */
const known = new WeakMap<Db, Set<string>>()
const day = 86_400_000

/**
 * Whether the reads that an order asks for are counted together: they are, once asked for, when the
 * window ends about today. Other days, which only “as of” asks for, are counted each time.
 */
export async function rollsReads(db: Db, order: readonly PlanKey[]): Promise<boolean> {
  const reads = order.find((key) => key.by === 'reads')
  if (reads === undefined || Math.abs(reads.until - Date.now()) > 2 * day) return false
  const [since, until] = [dayOf(reads.since), dayOf(reads.until)]
  const windows = known.get(db) ?? new Set()
  known.set(db, windows)
  if (windows.has(`${since} ${until}`)) return true
  await transact(db, (trx) => countTogether(trx, since, until))
  windows.add(`${since} ${until}`)
  return true
}

async function countTogether(trx: Trx, since: string, until: string): Promise<void> {
  // Nothing may be recorded meanwhile: it would be counted twice or not at all.
  await sql`select pg_advisory_xact_lock(hashtext('reads'))`.execute(trx)
  const made =
    await sql`insert into read_windows (since, until) values (${since}::date, ${until}::date) on conflict do nothing returning since`.execute(
      trx,
    )
  if (made.rows.length === 0) return
  await sql`
    insert into recent_reads (since, until, collection_id, entry_id, reads)
    select ${since}::date, ${until}::date, e.collection_id, r.entry_id, sum(r.count)::integer
    from entry_reads r join entries e on e.id = r.entry_id
    where r.day between ${since}::date and ${until}::date group by e.collection_id, r.entry_id`.execute(trx)
  await sql`delete from read_windows where until < ${until}::date - 3`.execute(trx)
}

/** How often an entry was read on a day. */
export interface ReadCount {
  readonly entryId: number
  /** ISO 8601, by the site's clock. */
  readonly day: string
  readonly count: number
}

/** Adds reads to those of their days, and to everything that counts them. */
export async function recordReads(trx: Trx, reads: readonly ReadCount[]): Promise<void> {
  if (reads.length === 0) return
  await sql`select pg_advisory_xact_lock_shared(hashtext('reads'))`.execute(trx)
  const given = sql`(select entry_id, day, sum(count)::integer as count
    from jsonb_to_recordset(${JSON.stringify(reads.map(({ entryId, ...rest }) => ({ entry_id: entryId, ...rest })))}::jsonb) given (entry_id integer, day date, count integer)
    join entries e on e.id = given.entry_id group by entry_id, day order by entry_id, day)`
  await sql`insert into entry_reads (entry_id, day, count) select entry_id, day, count from ${given} given
    on conflict (day, entry_id) do update set count = entry_reads.count + excluded.count`.execute(trx)
  await sql`insert into recent_reads (since, until, collection_id, entry_id, reads)
    select w.since, w.until, e.collection_id, given.entry_id, sum(given.count)::integer
    from ${given} given join entries e on e.id = given.entry_id join read_windows w on given.day between w.since and w.until
    group by w.since, w.until, e.collection_id, given.entry_id
    on conflict (since, until, entry_id) do update set reads = recent_reads.reads + excluded.reads`.execute(
    trx,
  )
  await sql`update entries set view_count = view_count + added.count from (select entry_id, sum(count)::integer as count from ${given} given group by entry_id) added where id = added.entry_id`.execute(
    trx,
  )
  await sql`update entry_index set views = views + added.count from (select entry_id, sum(count)::integer as count from ${given} given group by entry_id) added where entry_index.entry_id = added.entry_id`.execute(
    trx,
  )
}
