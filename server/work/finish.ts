import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { workOf } from './index'

/** Work that nobody has touched for so long, in milliseconds, was left by a server that ended. */
const leftAfter = 20_000

/**
 * Does what is left of some work, step by step. Several servers may do so at once: each step is
 * done once.
 */
export async function finishWork(db: Db, id: string): Promise<void> {
  while (await transact(db, (trx) => stepOf(trx, id))) continue
}

/** Does one step; false when nothing is left. */
async function stepOf(trx: Trx, id: string): Promise<boolean> {
  const row = await trx
    .selectFrom('long_work')
    .select(['kind', 'detail', 'state'])
    .where('id', '=', id)
    .forUpdate()
    .executeTakeFirst()
  if (row === undefined) return false
  const work = workOf(row.kind)
  if (work === undefined)
    throw new Error(`There is work of the kind “${row.kind}”, which this Bushel does not know.`)
  const state = await work.step(trx, row.detail, row.state)
  if (state === null) await trx.deleteFrom('long_work').where('id', '=', id).execute()
  else
    await trx
      .updateTable('long_work')
      .set({ state: JSON.stringify(state), touched_at: new Date() })
      .where('id', '=', id)
      .execute()
  return state !== null
}

/** Finishes what was left by servers that ended, and what that makes necessary in turn. */
export async function finishLeftWork(db: Db, untouchedFor = leftAfter): Promise<void> {
  const failed = new Set<string>()
  for (;;) {
    const left = await db
      .selectFrom('long_work')
      .select('id')
      .where('touched_at', '<=', new Date(Date.now() - untouchedFor))
      .orderBy('begun_at')
      .execute()
    const next = left.find((row) => !failed.has(row.id))
    if (next === undefined) return
    // What can't be finished must not keep the rest from it.
    await finishWork(db, next.id).catch((error: unknown) => {
      failed.add(next.id)
      console.warn(`Work was left undone (${next.id}): ${String(error)}`)
    })
  }
}
