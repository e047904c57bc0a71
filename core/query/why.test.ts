import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contexts, indexedEntries, listings, now } from '~~/tests/support/arbitraries'
import { fieldNamed, internedKey, trialWords } from '~~/tests/support/trial-fields'
import type { IndexedEntry } from '../content/entry'
import { defaultAmount } from '../listing/amount'
import { newListing } from '../listing/definition'
import { fromAll } from '../listing/from'
import type { From } from '../listing/from'
import { filterOf, planOf } from './plan'
import { plainContext } from '../rules/context'
import { passes } from '../rules/predicate'
import { pageOfPlace, whyOf } from './why'
import { rowOf } from '../content/row'

const context = { ...plainContext(now, trialWords), keyOf: internedKey }
const count = fieldNamed('count')
const entry: IndexedEntry = {
  id: 7,
  collectionId: 1,
  title: 'Rain',
  publishedAt: Date.UTC(2026, 1, 3),
  expiresAt: null,
  views: 1234,
  comments: 2,
  rating: 0.5,
  pinned: false,
  keys: [12, 21, internedKey(count.id, '')],
  values: { [count.id]: 2.5 },
  words: ['rain'],
  reads: [
    { day: Date.UTC(2026, 1, 27), count: 3 },
    { day: Date.UTC(2025, 0, 1), count: 9 },
  ],
}
const explained = {
  indexed: entry,
  occurrence: null,
  termIds: [12],
  authorId: 21,
  values: { [count.id]: 2.5 },
}
const because = (change: Partial<From>) =>
  whyOf({ ...newListing('Notes', 1), from: { ...fromAll(1), ...change } }, context, explained)

describe('why an entry is shown', () => {
  it('says the same as the answer, step by step, whatever is asked', () => {
    fc.assert(
      fc.property(listings, indexedEntries, contexts, (listing, entries, asked) => {
        for (const one of entries.slice(0, 6)) {
          const why = whyOf(listing, asked, {
            indexed: one,
            occurrence: null,
            termIds: [],
            authorId: null,
            values: {},
          })
          const shown =
            listing.from.collections.includes(one.collectionId) &&
            passes(filterOf(planOf(listing, asked)), rowOf(one))
          expect(why.firstFailing === null).toBe(shown)
          expect(why.reasons).toHaveLength(planOf(listing, asked).steps.length)
        }
      }),
    )
  })

  it('says that an entry is of another collection', () => {
    const elsewhere = whyOf(newListing('Notes', 2), context, explained)
    expect(elsewhere).toMatchObject({ firstFailing: 0, reasons: [{ has: 'one of notes', passes: false }] })
  })

  it('says what the entry has against what each rule wants', () => {
    const { reasons, firstFailing } = because({
      rules: [
        { rule: 'terms', facet: 10, is: 'any', terms: [12, 13] },
        { rule: 'field', field: count.id, asked: { is: 'between', from: 3, to: null } },
        { rule: 'author', is: 'none', authors: [22] },
      ],
    })
    expect(firstFailing).toBe(2)
    expect(reasons.map(({ asks, has, passes: passed }) => [asks, has, passed])).toEqual([
      ['notes', 'published on 3 Feb 2026', true],
      ['in Term 12 or Term 13', 'Term 12', true],
      ['with count at least 3', '2.5', false],
      ['not by Author 22', 'Author 21', true],
    ])
  })

  it('looks into groups', () => {
    const { reasons } = because({
      rules: [
        {
          rule: 'group',
          join: 'any',
          rules: [
            { rule: 'flag', flag: 'pinned', is: true },
            { rule: 'words', words: 'rain' },
          ],
        },
      ],
    })
    expect(reasons[1]?.within.map(({ asks, passes: passed }) => [asks, passed])).toEqual([
      ['pinned', false],
      ['with “rain”', true],
    ])
  })

  it('tells of an entry that is always in, and of a rule that makes no sense', () => {
    expect(
      because({ rules: [{ rule: 'terms', facet: 10, is: 'any', terms: [14] }], always: [7] }).reasons[1],
    ).toMatchObject({ has: 'always in', passes: true })
    expect(
      because({ rules: [{ rule: 'field', field: 999, asked: { is: 'present' } }] }).reasons[1],
    ).toMatchObject({
      trouble: 'The field of this rule was deleted. Remove the rule, or bring the field back.',
      passes: true,
    })
  })

  it('says what it is ordered by', () => {
    const order = {
      keys: [
        { by: 'views', direction: 'down', days: 30 },
        { by: 'rating', direction: 'down' },
        { by: 'field', field: count.id, direction: 'up' },
      ],
      pinned: 'ignored',
    } as const
    expect(whyOf({ ...newListing('Notes', 1), order }, context, explained).order).toEqual([
      { by: 'most read in 30 days first', has: '3 reads' },
      { by: 'best rated first', has: '50 % are sure to like it' },
      { by: 'by count, lowest first', has: '2.5' },
    ])
  })

  it.each([
    [1, 1],
    [3, 2],
    [10, 5],
    [11, null],
    [0, null],
  ])('puts place %i on page %s of pages of two', (place, page) => {
    expect(pageOfPlace(place, { amount: { ...defaultAmount, take: 10, perPage: 2 } })).toBe(page)
  })
})
