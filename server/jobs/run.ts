import { setTimeout as pause } from 'node:timers/promises'
import type { Db } from '../db/client'
import { jobs } from './index'
import type { Job } from './define'
import { queueOf, setJobsRunning } from './queue'

/** So often what failed is tried again, in growing distances from the first, in seconds. */
const retries = { retryLimit: 4, retryDelay: 10, retryBackoff: true }
/** How long a server that ends waits for a step that it is in, in milliseconds. */
const longestEnding = 5000

/** Begins to work on the jobs of a database. Gives what ends that. */
export async function runJobs(db: Db): Promise<() => Promise<void>> {
  const queue = queueOf(db)
  const stopping = new AbortController()
  await queue.start()
  for (const job of jobs) {
    await queue.createQueue(job.name, {
      name: job.name,
      policy: 'short',
      expireInSeconds: job.lease,
      ...retries,
    })
    if (job.cron !== null) await queue.schedule(job.name, job.cron, {}, { singletonKey: job.name })
    await queue.work<object>(job.name, { pollingIntervalSeconds: 1 }, async ([sent]) => {
      if (sent !== undefined) await done(db, job, sent.data, stopping.signal)
    })
  }
  setJobsRunning(db, true)
  return async () => {
    setJobsRunning(db, false)
    stopping.abort()
    await Promise.race([queue.stop({ timeout: longestEnding }), pause(longestEnding + 1000)])
  }
}

async function done(db: Db, job: Job, data: object, stopping: AbortSignal): Promise<void> {
  try {
    await job.run(db, data, stopping)
  } catch (error) {
    console.warn(`The job “${job.name}” failed: ${String(error)}`)
    throw error
  }
}
