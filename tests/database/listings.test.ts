import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { evaluate } from '~~/core/query/evaluate'
import { planOf } from '~~/core/query/plan'
import { answerOf } from '~~/server/listings/answer'
import { indexedEntries, listings, now } from '../support/arbitraries'
import { filmNow, filmQuestions, mingoAnswer } from '../support/film-questions'
import { filmEntries, keysOf, loadFilms } from '../support/films'
import { fillIndex } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await freshDatabase()
})
afterAll(() => test.drop())

describe('a listing answered by the database', () => {
  it('is what the evaluator in memory answers, for random listings over random content', async () => {
    const zones = fc.constantFrom('UTC', 'Europe/London', 'Pacific/Auckland')
    await fc.assert(
      fc.asyncProperty(indexedEntries, fc.array(listings, { minLength: 4, maxLength: 8 }), zones, async (entries, all, zone) => {
        await fillIndex(test.db, entries)
        for (const listing of all) {
          const plan = planOf(listing, { now, zone })
          expect(await answerOf(test.db, plan, 'en-GB')).toEqual(evaluate(plan, entries, 'en-GB'))
        }
      }),
      { numRuns: 150 },
    )
  })

  // Referee: mingo, on the open films data of vega-datasets.
  it('is what an independent query library finds in the same data', async () => {
    const films = loadFilms()
    const keys = keysOf(films)
    await fillIndex(test.db, filmEntries(films, keys))
    for (const question of filmQuestions(keys)) {
      const answer = await answerOf(test.db, planOf(question.listing, { now: filmNow, zone: 'UTC' }), 'en')
      const expected = mingoAnswer(films, question)
      expect(answer.ids, question.name).toEqual(expected.ids)
      expect(answer.counts.at(-1), question.name).toBe(expected.matches)
    }
  })

  // Referee: Intl.Collator (CLDR) for the database's own ICU collation.
  it.each(['en', 'sv', 'de'])('orders the titles of the films as the language does: %s', async (locale) => {
    const films = loadFilms()
    const entries = filmEntries(films, keysOf(films))
    const plan = {
      collectionId: 1,
      steps: [],
      pinnedFirst: false,
      order: [{ by: 'title', direction: 'up' }],
      skip: 0,
      take: 200,
    } as const
    expect((await answerOf(test.db, plan, locale)).ids).toEqual(evaluate(plan, entries, locale).ids)
  })
})
