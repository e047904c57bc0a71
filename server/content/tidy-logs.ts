import { sql } from 'kysely'
import { pageKeptDays } from '../../core/pages/page-input'
import type { Db } from '../db/client'
import type { Job } from '../jobs/define'

/** How long what was done can be undone, and how long versions of an entry are kept besides its newest. */
const undoableFor = '90 days'
const versionsFor = '2 years'
const newestKept = 50
/** What was told to every server long ago; none holds entries that it has not asked for so long. */
const changesFor = '1 day'
const atOnce = 5000

/** Removes what logs have kept long enough, a little at a time. */
export async function tidyLogs(db: Db): Promise<void> {
  const old = (table: string, column: string, age: string) => sql`
    delete from ${sql.table(table)} where ctid = any(array(select ctid from ${sql.table(table)} where ${sql.ref(column)} < now() - ${sql.lit(age)}::interval limit ${sql.lit(atOnce)}))`
  const removals = [
    // The newest stays: it says how far back the log reaches.
    sql`delete from changes where happened_at < now() - ${sql.lit(changesFor)}::interval and id < (select max(id) from changes)`,
    old('entry_changes', 'happened_at', changesFor),
    old('bulk_changes', 'made_at', undoableFor),
    old('term_changes', 'made_at', undoableFor),
    sql`delete from rate_limits where expire < ${Date.now()}`,
    old('account_sessions', 'expires_at', '1 day'),
    old('pages', 'deleted_at', `${pageKeptDays} days`),
    sql`
      delete from entry_versions where ctid = any(array(
        select v.ctid from entry_versions v join entries e on e.id = v.entry_id
        where v.saved_at < now() - ${sql.lit(versionsFor)}::interval and v.version < e.version - ${sql.lit(newestKept)} limit ${sql.lit(atOnce)}))`,
  ]
  for (const removal of removals) {
    let removed = atOnce
    while (removed >= atOnce) removed = Number((await removal.execute(db)).numAffectedRows ?? 0)
  }
}

/** Removes old logs every hour. */
export const logsTidying: Job = {
  name: 'tidy-logs',
  cron: '17 * * * *',
  lease: 600,
  run: (db) => tidyLogs(db),
}
