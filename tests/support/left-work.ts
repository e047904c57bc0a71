import type { Db } from '~~/server/db/client'
import { finishWork, leftWork } from '~~/server/work/finish'

/** Finishes what nobody has touched for so many milliseconds, and what that makes necessary in turn. */
export async function finishLeftWork(db: Db, untouchedFor: number): Promise<void> {
  for (;;) {
    const [next] = await leftWork(db, untouchedFor)
    if (next === undefined) return
    await finishWork(db, next)
  }
}
