import { defineNitroPlugin } from 'nitropack/runtime'
import { indexOldAnew } from '../content/index-anew'
import { keepFieldIndexes } from '../content/keep-field-indexes'
import { tidyLogs } from '../content/tidy-logs'
import { database } from '../db/client'
import { gatherStatistics } from '../db/statistics'
import { addUpKeyCounts } from '../listings/key-counts'
import { changeFeed, pageWatches } from '../live/feed'
import { readCounter } from '../reads/counter'
import { finishLeftWork } from '../work/finish'

/** What every server does by itself, at its start and then again and again, in milliseconds. */
const chores = [
  {
    name: 'Work that another server left is not finished',
    every: 20_000,
    atStart: true,
    run: () => finishLeftWork(database()),
  },
  { name: 'Not everything is indexed anew', every: null, atStart: true, run: () => indexOldAnew(database()) },
  { name: 'Counts were not added up', every: 60_000, atStart: false, run: () => addUpKeyCounts(database()) },
  {
    name: 'It is not known how values are spread',
    every: 10_000,
    atStart: true,
    run: () => gatherStatistics(database()),
  },
  {
    name: 'Reads were not written',
    every: 10_000,
    atStart: false,
    run: () => readCounter().write(Date.now()),
  },
  { name: 'Logs were not tidied', every: 3_600_000, atStart: true, run: () => tidyLogs(database()) },
] as const

export default defineNitroPlugin((nitro) => {
  void changeFeed().start()
  keepFieldIndexes(database())
  const timers = chores.flatMap(({ name, every, atStart, run }) => {
    const work = () => void run().catch((error: unknown) => console.warn(`${name}: ${String(error)}`))
    if (atStart) work()
    return every === null ? [] : [setInterval(work, every)]
  })
  nitro.hooks.hook('close', async () => {
    timers.forEach((timer) => clearInterval(timer))
    await readCounter()
      .write(Date.now())
      .catch((error: unknown) => console.warn(`Reads were not written: ${String(error)}`))
    pageWatches().stop()
    await changeFeed().stop()
    await database().destroy()
  })
})
