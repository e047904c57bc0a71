import fc from 'fast-check'
import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { IndexedEntry } from '~~/core/content/entry'
import { newListing } from '~~/core/listing/definition'
import { planOf } from '~~/core/query/plan'
import { plainContext } from '~~/core/rules/context'
import { everything } from '~~/core/rules/predicate'
import type { Predicate } from '~~/core/rules/predicate'
import { tidyLogs } from '~~/server/content/tidy-logs'
import { facetCounts } from '~~/server/listings/facet-counts'
import { countsWithin } from '~~/server/listings/found-within'
import { HeldEntries } from '~~/server/listings/held-entries'
import { passingCount } from '~~/server/listings/step-counts'
import { authorIds, contexts, indexedEntries, listings, now, termIds } from '../support/arbitraries'
import { trialWords } from '../support/trial-fields'
import { fillIndex } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await freshDatabase()
})
afterAll(() => test.drop())

const keys = [...termIds, ...authorIds, 999]
const everyone = { least: 0, most: 1_000_000 }
const having = (...some: readonly number[]): Predicate => ({ test: 'anyKey', keys: some })
/** All entries of the first collection that have a term. */
const plan = () => {
  const all = planOf(newListing('All', 1), plainContext(now, trialWords))
  return {
    ...all,
    steps: [...all.steps, { step: { step: 'above' }, asks: having(...termIds) }],
  } as typeof all
}

/** Holds what a plan asks for. */
async function holding(asked = plan()): Promise<HeldEntries> {
  const held = new HeldEntries(test.db, everyone)
  expect(await held.of(asked)).toBeNull()
  await held.settled()
  return held
}

/** The counts by what is held, which are those of the database. */
async function agreed(held: HeldEntries) {
  const [byHeld, byDatabase] = await Promise.all([
    facetCounts(test.db, plan(), keys, held),
    facetCounts(test.db, plan(), keys),
  ])
  expect(byHeld).toEqual(byDatabase)
  return byHeld
}

describe('what is held of entries', () => {
  it('is counted as the database counts, for random questions while entries change', async () => {
    let answered = 0
    await fc.assert(
      fc.asyncProperty(
        indexedEntries,
        fc.array(listings, { minLength: 3, maxLength: 5 }),
        contexts,
        fc.infiniteStream(fc.subarray(keys)),
        async (entries, some, context, streamed) => {
          await fillIndex(test.db, entries)
          const held = new HeldEntries(test.db, everyone)
          const plans = [plan(), ...some.map((listing) => planOf(listing, context))]
          const compared = async () => {
            for (const one of plans) {
              if ((await held.of(one)) !== null) answered += 1
              expect(await facetCounts(test.db, one, keys, held)).toEqual(
                await facetCounts(test.db, one, keys),
              )
              const each = [
                having(termIds[0]),
                everything,
                { test: 'not', of: having(authorIds[0]) },
              ] as const
              expect(await countsWithin(test.db, one, each, held)).toEqual(
                await countsWithin(test.db, one, each),
              )
              expect(await passingCount(test.db, one, held)).toBe(await passingCount(test.db, one))
            }
          }
          await compared()
          await held.settled()
          await compared()
          for (const [at, { id }] of entries.entries()) {
            const one = test.db.updateTable('entry_index').where('entry_id', '=', id)
            if (at % 4 === 0) await sql`delete from entries where id = ${id}`.execute(test.db)
            if (at % 4 === 1) await one.set({ keys: streamed.next().value }).execute()
            if (at % 4 === 2) await one.set({ expires_at: new Date(now) }).execute()
          }
          await held.settled()
          await compared()
        },
      ),
      { numRuns: 25 },
    )
    expect(answered).toBeGreaterThan(50)
  }, 120_000)

  it('follows what another writer keeps open, once that is written', async () => {
    const { entries, one } = await filled()
    const open = await test.db.startTransaction().execute()
    await open.updateTable('entry_index').set({ keys: [] }).where('entry_id', '=', one).execute()
    const held = await holding()
    expect((await agreed(held)).get(termIds[0])).toBe(entries)
    // What comes later and is written before it hides nothing of it.
    await change(one + 1)
    expect((await agreed(held)).get(termIds[0])).toBe(entries - 1)
    await open.commit().execute()
    expect((await agreed(held)).get(termIds[0])).toBe(entries - 2)
  })

  it('is the same for many who ask at once while writers write', async () => {
    const { one, entries } = await filled()
    const held = await holding()
    await Promise.all(
      Array.from({ length: 20 }, async (_, at) => {
        await change(one + at)
        const counts = await facetCounts(test.db, plan(), keys, held)
        expect(counts.get(termIds[0]) ?? 0).toBeLessThan(entries)
      }),
    )
    expect((await agreed(held)).get(termIds[0])).toBe(entries - 20)
  })

  it('is read anew where too much changed, and answers by the database meanwhile', async () => {
    await filled(20_100)
    const held = await holding()
    await sql`update entry_index set keys = '{12}'`.execute(test.db)
    expect(await held.of(plan())).toBeNull()
    expect((await agreed(held)).get(12)).toBe(20_100)
    await held.settled()
    expect(await held.of(plan())).not.toBeNull()
    await agreed(held)
  }, 120_000)

  it('is nothing of what is small, nor of dates, nor of what it does not know', async () => {
    await filled()
    const small = new HeldEntries(test.db, { least: 1000, most: 2000 })
    const large = new HeldEntries(test.db, { least: 1, most: 20 })
    for (const held of [small, large]) {
      expect(await held.of(plan())).toBeNull()
      await held.settled()
      expect(await held.of(plan())).toBeNull()
    }
    const held = await holding()
    expect(await held.of({ ...plan(), rows: { of: 'dates' } })).toBeNull()
    expect(await held.of(plan(), [{ test: 'words', words: ['bean'] }])).toBeNull()
    expect(await held.of(plan())).not.toBeNull()
  })

  it('is named in the log where it changes and nowhere else, and that is forgotten in time', async () => {
    const { one } = await filled()
    const named = async () =>
      (await test.db.selectFrom('entry_changes').select('entry_id').execute()).map((row) => row.entry_id)
    await sql`truncate entry_changes`.execute(test.db)
    await test.db.updateTable('entry_index').set({ views: 9, comments: 3 }).execute()
    expect(await named()).toEqual([])
    await test.db
      .updateTable('entry_index')
      .set({ keys: [11], sort_values: JSON.stringify({ 7: 1 }) })
      .where('entry_id', '=', one)
      .execute()
    expect(await named()).toEqual([one])
    await tidyLogs(test.db)
    expect(await named()).toEqual([one])
    await sql`update entry_changes set happened_at = now() - interval '25 hours'`.execute(test.db)
    await tidyLogs(test.db)
    expect(await named()).toEqual([])
  })
})

/** So many entries, all with the first term. */
async function filled(entries = 40): Promise<{ readonly entries: number; readonly one: number }> {
  const all = Array.from({ length: entries }, (_, at): IndexedEntry => ({
    id: at + 1,
    collectionId: 1,
    title: 'Entry',
    publishedAt: now - 60_000,
    expiresAt: null,
    views: 0,
    comments: 0,
    rating: null,
    pinned: false,
    keys: [termIds[0]],
    values: {},
    words: [],
    reads: [],
  }))
  await fillIndex(test.db, all)
  return { entries, one: 1 }
}

function change(id: number) {
  return test.db.updateTable('entry_index').set({ keys: [] }).where('entry_id', '=', id).execute()
}
