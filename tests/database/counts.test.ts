import fc from 'fast-check'
import { sql } from 'kysely'
import { Aggregator } from 'mingo'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { IndexedEntry } from '~~/core/content/entry'
import { newListing } from '~~/core/listing/definition'
import { filterOf, planOf } from '~~/core/query/plan'
import type { Plan } from '~~/core/query/plan'
import { plainContext } from '~~/core/rules/context'
import { passes } from '~~/core/rules/predicate'
import { countsOf } from '~~/server/listings/step-counts'
import { facetCounts } from '~~/server/listings/facet-counts'
import { addUpKeyCounts } from '~~/server/listings/key-counts'
import {
  authorIds,
  contexts,
  datedEntries,
  indexedEntries,
  listings,
  now,
  termIds,
} from '../support/arbitraries'
import { filmNow } from '../support/film-questions'
import { filmContext } from '../support/film-words'
import { filmEntries, keysOf, loadFilms } from '../support/films'
import { trialWords } from '../support/trial-fields'
import { fillIndex } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'
import { rowOf } from '~~/core/content/row'
import { rowsOf } from '~~/core/query/rows'
import type { Occurrence } from '~~/core/time/occurrences'

let test: TestDatabase
beforeAll(async () => {
  test = await freshDatabase()
})
afterAll(() => test.drop())

const keys = [...termIds, ...authorIds, 999]
const all = () => planOf(newListing('All', 1), plainContext(now, trialWords))

/** The counts as they are plainly told from the entries. */
function counted(
  plan: Plan,
  entries: readonly IndexedEntry[],
  dates: ReadonlyMap<number, readonly Occurrence[]> = new Map(),
): ReadonlyMap<number, number> {
  const passing = entries.filter(
    (entry) =>
      plan.collections.includes(entry.collectionId) &&
      rowsOf(plan.rows, [entry], (id) => dates.get(id) ?? []).some((row) => passes(filterOf(plan), row)),
  )
  const counts = keys.map((key) => [key, passing.filter((entry) => entry.keys.includes(key)).length] as const)
  return new Map(counts.filter(([, count]) => count > 0))
}

describe('counts of keys', () => {
  it('are those of what passes, for random questions over random content', async () => {
    await fc.assert(
      fc.asyncProperty(
        datedEntries,
        fc.array(listings, { minLength: 3, maxLength: 6 }),
        contexts,
        async ([entries, dates], some, context) => {
          await fillIndex(test.db, entries, dates)
          for (const plan of [
            ...some.map((listing) => planOf(listing, context)),
            planOf(newListing('All', 1), context),
          ])
            expect(await facetCounts(test.db, plan, keys)).toEqual(counted(plan, entries, dates))
        },
      ),
      { numRuns: 40 },
    )
  }, 120_000)

  it('stay right through every change, before and after they are added up', async () => {
    await fc.assert(
      fc.asyncProperty(
        indexedEntries,
        fc.infiniteStream(fc.subarray(keys)),
        fc.boolean(),
        async (entries, streamed, addUp) => {
          await fillIndex(test.db, entries)
          if (addUp) await addUpKeyCounts(test.db, 1)
          const kept = entries
            .filter((_, at) => at % 3 !== 0)
            .map((entry, at) => (at % 2 === 0 ? { ...entry, keys: streamed.next().value } : entry))
          const gone = entries.filter((_, at) => at % 3 === 0).map((entry) => entry.id)
          await sql`delete from entries where id = any(${sql.val(gone)}::integer[])`.execute(test.db)
          for (const entry of kept)
            await test.db
              .updateTable('entry_index')
              .set({ keys: [...entry.keys], views: 7 })
              .where('entry_id', '=', entry.id)
              .execute()
          expect(await facetCounts(test.db, all(), keys)).toEqual(counted(all(), kept))
          expect((await countsOf(test.db, all())).steps).toEqual([
            kept.filter((entry) => entry.collectionId === 1 && passes(filterOf(all()), rowOf(entry))).length,
          ])
          await addUpKeyCounts(test.db, 1)
          expect(await facetCounts(test.db, all(), keys)).toEqual(counted(all(), kept))
        },
      ),
      { numRuns: 30 },
    )
  }, 120_000)

  // Referee: mingo, on the open films data of vega-datasets.
  it('are what an independent query library counts', async () => {
    const films = loadFilms()
    const names = keysOf(films)
    await fillIndex(test.db, filmEntries(films, names))
    const genres = [...new Set(films.map((film) => film.genre))]
    const found = await facetCounts(
      test.db,
      planOf(newListing('Films', 1), filmContext(names, filmNow)),
      genres.map((genre) => names.key(`genre ${genre}`)),
    )
    const referee = new Aggregator([
      { $match: { released: { $lte: filmNow } } },
      { $group: { _id: '$genre', count: { $sum: 1 } } },
    ]).run([...films]) as { _id: string; count: number }[]
    expect(
      Object.fromEntries(genres.map((genre) => [genre, found.get(names.key(`genre ${genre}`))])),
    ).toEqual(Object.fromEntries(referee.map((row) => [row._id, row.count])))
    expect(genres.length).toBeGreaterThan(5)
  })
})
