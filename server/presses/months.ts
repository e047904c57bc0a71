import { sql } from 'kysely'
import type { Db, Trx } from '../db/client'
import type { Job } from '../jobs/define'

/** What was pressed is kept for so many months, and the one that is running. */
export const monthsKept = 13

/** The table of a month, which it is the first day of (`2026-03-01`). */
function tableOf(month: string): string {
  return `presses_${month.slice(0, 7).replace('-', '_')}`
}

function monthsFrom(day: string, by: number): string {
  const [year = 0, month = 1] = day.split('-').map(Number)
  return new Date(Date.UTC(year, month - 1 + by, 1)).toISOString().slice(0, 10)
}

/** Makes the table of the month of a day (`2026-03-14`) where there is none. */
export async function ensureMonth(trx: Trx, day: string): Promise<void> {
  const [month, next] = [monthsFrom(day, 0), monthsFrom(day, 1)]
  // Two servers that make it at once would meet: one waits for the other.
  await sql`select pg_advisory_xact_lock(hashtext('months of presses'))`.execute(trx)
  await sql`create table if not exists ${sql.table(tableOf(month))} partition of presses
    for values from (${sql.lit(month)}) to (${sql.lit(next)})`.execute(trx)
}

/** Drops the months that were kept long enough on a day. */
export async function dropOldMonths(db: Db, day: string): Promise<void> {
  const oldest = tableOf(monthsFrom(day, -monthsKept))
  const { rows } = await sql<{ name: string }>`
    select c.relname as name from pg_inherits i join pg_class c on c.oid = i.inhrelid
    where i.inhparent = 'presses'::regclass and c.relname < ${oldest}`.execute(db)
  for (const { name } of rows) await sql`drop table if exists ${sql.table(name)}`.execute(db)
}

/** Every night. */
export const oldPressesDropping: Job = {
  name: 'drop-old-presses',
  cron: '41 3 * * *',
  lease: 120,
  run: (db) => dropOldMonths(db, new Date().toISOString().slice(0, 10)),
}
