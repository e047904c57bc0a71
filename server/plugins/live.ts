import { defineNitroPlugin } from 'nitropack/runtime'
import { indexOldAnew } from '../content/index-anew'
import { keepFieldIndexes } from '../content/keep-field-indexes'
import { database } from '../db/client'
import { gatherStatistics } from '../db/statistics'
import { runJobs } from '../jobs/run'
import { changeFeed, pageWatches } from '../live/feed'
import { publishPlanned } from '../pages/publishing'
import { returnParked } from '../pages/shelves'
import { pressCounter } from '../presses/counter'
import { readCounter } from '../reads/counter'

/** What every server does by itself, at its start and then again and again, in milliseconds. What one of them does for all is a job. */
const chores = [
  { name: 'Not everything is indexed anew', every: null, atStart: true, run: () => indexOldAnew(database()) },
  {
    name: 'It is not known how values are spread',
    every: 10_000,
    atStart: true,
    run: () => gatherStatistics(database()),
  },
  {
    name: 'What is due was not published',
    every: 1_000,
    atStart: true,
    run: () => publishPlanned(database(), Date.now()),
  },
  {
    name: 'What was parked did not come back',
    every: 30_000,
    atStart: true,
    run: () => returnParked(database(), Date.now()),
  },
  {
    name: 'Reads were not written',
    every: 10_000,
    atStart: false,
    run: () => readCounter().write(Date.now()),
  },
  {
    name: 'Presses were not written',
    every: 10_000,
    atStart: false,
    run: () => pressCounter().write(Date.now()),
  },
] as const

export default defineNitroPlugin((nitro) => {
  void changeFeed().start()
  keepFieldIndexes(database())
  const jobs = runJobs(database())
  jobs.catch((error: unknown) => console.warn(`Jobs are not worked on: ${String(error)}`))
  const timers = chores.flatMap(({ name, every, atStart, run }) => {
    const work = () => void run().catch((error: unknown) => console.warn(`${name}: ${String(error)}`))
    if (atStart) work()
    return every === null ? [] : [setInterval(work, every)]
  })
  nitro.hooks.hook('close', async () => {
    timers.forEach((timer) => clearInterval(timer))
    await jobs.then((end) => end()).catch(() => undefined)
    await readCounter()
      .write(Date.now())
      .catch((error: unknown) => console.warn(`Reads were not written: ${String(error)}`))
    await pressCounter()
      .write(Date.now())
      .catch((error: unknown) => console.warn(`Presses were not written: ${String(error)}`))
    pageWatches().stop()
    await changeFeed().stop()
    await database().destroy()
  })
})
