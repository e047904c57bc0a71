import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { wrongAfter, writeMixed } from '../support/mixed-writers'
import { smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

/** Seconds of each run: a few by default, an hour's worth where it is asked for. */
const seconds = Number(process.env.BUSHEL_WRITERS_SECONDS ?? 6)
const long = seconds * 1000 + 120_000

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterAll(() => test.drop())

describe('writers of every kind at once', () => {
  it.each([false, true])('lose no acknowledged write, leave nothing half written, and fail with words alone; connections cut: %s', async (isRough) => {
    const fresh = isRough ? await freshDatabase() : test
    const own = isRough ? await smallSite(fresh.db) : site
    const told = await writeMixed(fresh.db, own, { seconds, seed: 7, isRough })
    expect(told.faults).toEqual([])
    expect(await wrongAfter(fresh.db, own, told)).toEqual([])
    // A conversion has three parts; within a few seconds each may be cut.
    for (const kind of ['save', 'add', 'delete', 'bulk', 'tag', 'terms', ...(isRough ? [] : ['convert'])]) expect(told.done[kind] ?? 0, kind).toBeGreaterThan(0)
    console.log(`Acknowledged: ${JSON.stringify(told.done)}; the longest save took ${told.longestSave} ms`)
    if (isRough) await fresh.drop()
  }, long)
})
