import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { contexts, indexedEntries, listings, now } from '~~/tests/support/arbitraries'
import { filmNow, filmQuestions, mingoAnswer } from '~~/tests/support/film-questions'
import { filmContext } from '~~/tests/support/film-words'
import { openData, rowsFound } from '~~/tests/support/open-data'
import { filmEntries, keysOf, loadFilms } from '~~/tests/support/films'
import { fieldNamed, internedKey, trialWords } from '~~/tests/support/trial-fields'
import { indexedValues } from '../content/field'
import { takeOf } from '../listing/amount'
import { newListing } from '../listing/definition'
import { evaluate } from './evaluate'
import type { IndexedEntry } from '../content/entry'
import { planOf } from './plan'
import { plainContext } from '../rules/context'
import { passes } from '../rules/predicate'
import type { Plan } from './plan'
import { positionReader } from './position'
import { idsOf } from '~~/tests/support/rows'
import { rowOf } from '../content/row'

describe('a listing evaluated in memory', () => {
  const films = loadFilms()
  const keys = keysOf(films)

  // Referee: mingo, on the open films data of vega-datasets.
  it.each(filmQuestions(keys))('finds what an independent query library finds: $name', (question) => {
    const plan = planOf(question.listing, filmContext(keys, filmNow))
    const answer = evaluate(plan, filmEntries(films, keys), 'en')
    const expected = mingoAnswer(films, question)
    expect(idsOf(answer)).toEqual(expected.ids)
    expect(answer.counts.at(-1)).toBe(expected.matches)
    expect(expected.ids.length).toBeGreaterThan(3)
  })

  // Referee: mingo, on the open data on cars and penguins of vega-datasets.
  describe.each(openData.map((data) => [data.name, data] as const))('on %s', (_, data) => {
    it.each(data.questions.map((question) => [question.name, question] as const))(
      'finds what an independent query library finds: %s',
      (__, question) => {
        const answer = evaluate(planOf(question.listing, data.context), data.entries, 'en')
        const expected = rowsFound(data, question)
        expect(idsOf(answer)).toEqual(expected.ids)
        expect(answer.counts.at(-1)).toBe(expected.matches)
        expect(expected.ids.length).toBeGreaterThan(3)
      },
    )
  })

  it.each(['up', 'down'] as const)(
    'orders amounts within their currency, the usual one first, and nothing last: %s',
    (direction) => {
      const [price, one] = [fieldNamed('price'), newListing('Prices', 1)]
      const amounts = [['GBP', 1], ['EUR', 300], ['GBP', 500], ['EUR', 20], null] as const
      const entries = amounts.map((given, id): IndexedEntry => {
        const values = given === null ? {} : { [price.id]: { currency: given[0], amount: given[1] } }
        const { sort, keys: own } = indexedValues([price], values, 'en')
        const keys = own.map((key) => internedKey(key.fieldId, key.value))
        return {
          id,
          collectionId: 1,
          title: '',
          publishedAt: 0,
          expiresAt: null,
          views: 0,
          comments: 0,
          rating: null,
          pinned: false,
          keys,
          values: sort,
          words: [],
          reads: [],
        }
      })
      const listing = {
        ...one,
        order: { ...one.order, keys: [{ by: 'field', field: price.id, direction } as const] },
      }
      const ids = idsOf(
        evaluate(planOf(listing, { ...plainContext(1, trialWords), keyOf: internedKey }), entries, 'en'),
      )
      expect(ids).toEqual(direction === 'up' ? [3, 1, 0, 2, 4] : [1, 3, 2, 0, 4])
    },
  )

  it('never shows what a visitor may not see or did not choose, nor more than asked for, nor anything twice', () => {
    fc.assert(
      fc.property(listings, indexedEntries, contexts, (listing, entries, context) => {
        const ids = idsOf(evaluate(planOf(listing, context), entries, 'en-GB'))
        const shown = ids.map((id) => entries.find((entry) => entry.id === id))
        expect(
          shown.every(
            (entry) =>
              entry &&
              entry.publishedAt <= now &&
              (entry.expiresAt === null || entry.expiresAt > now) &&
              listing.from.collections.includes(entry.collectionId) &&
              context.choices.every((choice) => 'test' in choice && passes(choice, rowOf(entry))),
          ),
        ).toBe(true)
        expect(ids.some((id) => listing.from.never.includes(id))).toBe(false)
        expect(ids.length).toBeLessThanOrEqual(takeOf(listing.amount))
        expect(new Set(ids).size).toBe(ids.length)
      }),
    )
  })

  it('leaves fewer entries after each rule, and does not depend on the order in which entries come', () => {
    fc.assert(
      fc.property(listings, indexedEntries, contexts, (listing, entries, context) => {
        const plan = planOf(listing, context)
        const answer = evaluate(plan, entries, 'en-GB')
        expect(answer.counts).toEqual([...answer.counts].sort((a, b) => b - a))
        expect(evaluate(plan, [...entries].reverse(), 'en-GB')).toEqual(answer)
      }),
    )
  })

  it('goes on after any entry it showed, page by page, to the whole', () => {
    fc.assert(
      fc.property(
        listings,
        indexedEntries,
        contexts,
        fc.integer({ min: 1, max: 5 }),
        (listing, entries, context, take) => {
          const plan = { ...planOf(listing, context), skip: 0 }
          const whole = idsOf(evaluate({ ...plan, take: entries.length }, entries, 'en-GB'))
          const read = positionReader(plan.order)
          const pages: number[] = []
          for (let last: number | undefined, at = 0; at <= entries.length; at += take) {
            const entry = entries.find((one) => one.id === last)
            const after = entry === undefined ? null : read(rowOf(entry))
            const ids = idsOf(evaluate({ ...plan, take }, entries, 'en-GB', { after }))
            pages.push(...ids)
            last = ids.at(-1)
            if (ids.length < take) break
          }
          expect(pages).toEqual(whole)
        },
      ),
    )
  })

  it('orders pinned first only when asked to, and entries without a value last, up and down', () => {
    const entry = (id: number, pinned: boolean, rating: number | null): IndexedEntry => ({
      id,
      collectionId: 1,
      title: String(id),
      publishedAt: id,
      expiresAt: null,
      views: 0,
      comments: 0,
      rating,
      pinned,
      keys: [],
      values: {},
      words: [],
      reads: [],
    })
    const entries = [entry(1, true, null), entry(2, false, 0.5), entry(3, false, 0.2)]
    const ids = (order: Plan['order']) =>
      idsOf(
        evaluate(
          { collections: [1], rows: { of: 'entries' }, steps: [], order, skip: 0, take: 9 },
          entries,
          'en',
        ),
      )
    expect(
      ids([
        { by: 'pinned', direction: 'down' },
        { by: 'publishedAt', direction: 'down' },
      ]),
    ).toEqual([1, 3, 2])
    expect(ids([{ by: 'publishedAt', direction: 'down' }])).toEqual([3, 2, 1])
    expect(ids([{ by: 'rating', direction: 'down' }])).toEqual([2, 3, 1])
    expect(ids([{ by: 'rating', direction: 'up' }])).toEqual([3, 2, 1])
  })
})
