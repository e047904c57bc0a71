import { describe, expect, it } from 'vitest'
import { sql } from 'kysely'
import { wrongAfter, writeMixed } from '../support/mixed-writers'
import type { Trouble } from '../support/mixed-writers'
import { smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

/** Seconds of each run: a few by default, an hour's worth where it is asked for. */
const seconds = Number(process.env.BUSHEL_WRITERS_SECONDS ?? 6)
const long = seconds * 1000 + 120_000

describe('writers of every kind at once', () => {
  it.each<Trouble>(['none', 'cut', 'killed'])(
    'lose no acknowledged write, leave nothing half written, and fail with words alone; trouble: %s',
    async (trouble) => {
      const test = await freshDatabase()
      const site = await smallSite(test.db)
      if (trouble === 'killed') await keepAllAcknowledged(test)
      const told = await writeMixed(test.db, site, { seconds, seed: 7, trouble })
      expect(told.faults).toEqual([])
      expect(await wrongAfter(test.db, site, told)).toEqual([])
      // A conversion has three parts; within a few seconds each may be cut.
      const kinds = ['save', 'add', 'delete', 'bulk', 'tag', 'terms', 'page', 'publish', 'look', 'values']
      const sure =
        trouble === 'none'
          ? [...kinds, 'convert']
          : trouble === 'cut'
            ? [...kinds, 'cut']
            : ['save', 'add', 'page', 'kill']
      for (const kind of sure) expect(told.done[kind] ?? 0, kind).toBeGreaterThan(0)
      console.log(
        `Trouble: ${trouble}; acknowledged: ${JSON.stringify(told.done)}; the longest save took ${told.longestSave} ms`,
      )
      await test.drop()
    },
    long,
  )
})

/** The tests' server tells of a write before it is in its log, to be quick; one that is killed must not. */
async function keepAllAcknowledged(test: TestDatabase): Promise<void> {
  await test.db.connection().execute(async (own) => {
    await sql`alter database ${sql.id(new URL(test.url).pathname.slice(1))} set synchronous_commit = on`.execute(
      own,
    )
    // Connections keep what held when they were opened.
    await sql`set synchronous_commit = on`.execute(own)
    await sql`select pg_terminate_backend(pid) from pg_stat_activity
      where datname = current_database() and pid <> pg_backend_pid()`.execute(own)
  })
}
