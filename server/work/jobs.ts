import type { Job } from '../jobs/define'
import { sendJob } from '../jobs/queue'
import { finishWithin, keepFailure, leftWork, workFinishingName } from './finish'

/** For so many milliseconds a server goes on with some work before it lets other work have its turn. */
const turn = 20_000
/** Work that nobody has touched for so many milliseconds was left by a server that ended. */
const leftAfter = 30_000

/** Goes on with work that took longer than somebody waits. */
export const workFinishing: Job<{ readonly work: string }> = {
  ...workFinishingName,
  cron: null,
  lease: 90,
  async run(db, { work }, stopping) {
    try {
      if (await finishWithin(db, work, turn, stopping)) return
    } catch (error) {
      await keepFailure(db, work, error)
      throw error
    }
    await sendJob(db, workFinishingName, { work }, work)
  },
}

/** Takes up what servers that ended left. */
export const leftWorkTaking: Job = {
  name: 'take-up-left-work',
  cron: '* * * * *',
  lease: 60,
  async run(db) {
    for (const work of await leftWork(db, leftAfter)) await sendJob(db, workFinishingName, { work }, work)
  },
}
