import { sql } from 'kysely'
import type { FailedJob, WorkKind, WorkRow, Works } from '../../core/works'
import { workKinds } from '../../core/works'
import type { Db } from '../db/client'
import { missing, refused } from '../http/problem'
import { jobSchema, sendJob } from '../jobs/queue'
import { widthsMaking } from '../media/renditions'
import { workFinishingName } from './finish'
import { workOf } from './index'

/** Work is told of once it has taken longer than somebody waits, in milliseconds. */
const toldAfter = 3000

/** What goes on by itself, and what failed to, oldest first. */
export async function worksOf(db: Db): Promise<Works> {
  const rows = await db
    .selectFrom('long_work')
    .select(['id', 'kind', 'subject', 'size', 'steps', 'begun_at', 'failure', 'stopping'])
    .where((where) =>
      where.or([where('begun_at', '<=', new Date(Date.now() - toldAfter)), where('failure', 'is not', null)]),
    )
    .orderBy('begun_at')
    .execute()
  return {
    works: rows.flatMap((row): readonly WorkRow[] => {
      const work = workOf(row.kind)
      if (work === undefined || !isKind(row.kind)) return []
      return [
        {
          id: row.id,
          kind: row.kind,
          subject: row.subject,
          done: Math.min(row.steps * work.atOnce, row.size),
          size: row.size,
          begunAt: row.begun_at.getTime(),
          failure: row.failure,
          isStopping: row.stopping,
          mayStop: work.stop !== undefined,
        },
      ]
    }),
    pictures: await waitingPictures(db),
    failed: await failedJobs(db),
  }
}

function isKind(kind: string): kind is WorkKind {
  return (workKinds as readonly string[]).includes(kind)
}

const jobs = (table: 'job' | 'archive') => sql.id(jobSchema, table)

/** How many pictures are still to be made at their widths. */
async function waitingPictures(db: Db): Promise<number> {
  const { rows } = await sql<{ count: number }>`
    select count(*)::integer as count from ${jobs('job')}
    where name = ${widthsMaking.name} and state in ('created', 'retry', 'active')`.execute(db)
  return rows[0]?.count ?? 0
}

/** What was given up in the last days, each kind once, as it failed last; not work, which says so itself. */
async function failedJobs(db: Db): Promise<readonly FailedJob[]> {
  const { rows } = await sql<{ name: string; failed_at: Date; message: string | null }>`
    select distinct on (name) name, completed_on as failed_at, output ->> 'message' as message
    from (
      select name, state, completed_on, output from ${jobs('job')}
      union all select name, state, completed_on, output from ${jobs('archive')}) every
    where state = 'failed' and name <> ${workFinishingName.name} and completed_on > now() - interval '7 days'
    order by name, completed_on desc`.execute(db)
  return rows.map((row) => ({
    name: row.name,
    failedAt: row.failed_at.getTime(),
    message: row.message ?? '',
  }))
}

/** Has work end where it is. Throws 404 where it is done by now, 422 where it can't be ended so. */
export async function stopWork(db: Db, id: string): Promise<void> {
  const row = await db.selectFrom('long_work').select('kind').where('id', '=', id).executeTakeFirst()
  if (row === undefined) throw missing('This work')
  if (workOf(row.kind)?.stop === undefined)
    throw refused([{ path: '', message: 'This can’t be left half done. Undo it once it is through.' }])
  await db.updateTable('long_work').set({ stopping: true }).where('id', '=', id).execute()
  await sendJob(db, workFinishingName, { work: id }, id)
}

/** Has what failed tried again. Throws 404 where it is done by now. */
export async function retryWork(db: Db, id: string): Promise<void> {
  const { numUpdatedRows } = await db
    .updateTable('long_work')
    .set({ failure: null, touched_at: new Date() })
    .where('id', '=', id)
    .executeTakeFirst()
  if (numUpdatedRows === 0n) throw missing('This work')
  await sendJob(db, workFinishingName, { work: id }, id)
}
