import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { areJobsRunning, sendJob } from '../jobs/queue'
import { workOf } from './index'

/** For so long somebody waits for work, in milliseconds; what takes longer goes on by itself. */
const patience = 2000

/** The job that goes on with work, by the name it is sent for. */
export const workFinishingName = { name: 'finish-work' } as const

/**
 * Does what is left of some work, step by step. Several servers may do so at once: each step is
 * done once.
 */
export async function finishWork(db: Db, id: string): Promise<void> {
  while (await transact(db, (trx) => stepOf(trx, id))) continue
}

/**
 * Does what is left of some work, for as long as somebody waits; what is left then goes on as a
 * job. Says whether all is done. Where no jobs are worked on, it is.
 */
export async function finishSoon(db: Db, id: string, within = patience): Promise<boolean> {
  if (!areJobsRunning(db)) {
    await finishWork(db, id)
    return true
  }
  if (await finishWithin(db, id, within)) return true
  await sendJob(db, workFinishingName, { work: id }, id)
  return false
}

/** Does steps for so many milliseconds, or until `stopping`; says whether all is done. */
export async function finishWithin(
  db: Db,
  id: string,
  milliseconds: number,
  stopping?: AbortSignal,
): Promise<boolean> {
  const until = performance.now() + milliseconds
  while (await transact(db, (trx) => stepOf(trx, id)))
    if (performance.now() > until || stopping?.aborted === true) return false
  return true
}

/** Does one step; false when nothing is left. */
async function stepOf(trx: Trx, id: string): Promise<boolean> {
  const row = await trx
    .selectFrom('long_work')
    .select(['kind', 'detail', 'state', 'stopping'])
    .where('id', '=', id)
    .forUpdate()
    .executeTakeFirst()
  if (row === undefined) return false
  const work = workOf(row.kind)
  if (work === undefined)
    throw new Error(`There is work of the kind “${row.kind}”, which this Bushel does not know.`)
  const isStopped = row.stopping && work.stop !== undefined
  if (isStopped) await work.stop?.(trx, row.detail)
  const state = isStopped ? null : await work.step(trx, row.detail, row.state)
  if (state === null) await trx.deleteFrom('long_work').where('id', '=', id).execute()
  else
    await trx
      .updateTable('long_work')
      .set((set) => ({
        state: JSON.stringify(state),
        steps: set('steps', '+', 1),
        touched_at: new Date(),
        failure: null,
      }))
      .where('id', '=', id)
      .execute()
  return state !== null
}

/**
 * What nobody has touched for so many milliseconds, oldest first: it was left by a server that ended.
 * Not what failed, which is tried again by itself.
 */
export async function leftWork(db: Db, untouchedFor: number): Promise<readonly string[]> {
  const rows = await db
    .selectFrom('long_work')
    .select('id')
    .where('touched_at', '<=', new Date(Date.now() - untouchedFor))
    .where('failure', 'is', null)
    .orderBy('begun_at')
    .execute()
  return rows.map((row) => row.id)
}

/** Keeps with some work why it failed, until it goes on. */
export async function keepFailure(db: Db, id: string, error: unknown): Promise<void> {
  const failure = error instanceof Error ? error.message : String(error)
  await db.updateTable('long_work').set({ failure }).where('id', '=', id).execute()
}
