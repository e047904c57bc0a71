import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { listings } from '~~/tests/support/arbitraries'
import { wordsOf } from '../content/catalogue'
import { newListing } from './definition'
import type { Listing } from './definition'
import { sentenceOf, sentenceText } from './sentence'

const words = wordsOf({
  siteName: 'Sorrel Hill',
  locale: 'en-GB',
  zone: 'Europe/London',
  collections: [{ id: 1, slug: 'field-notes', name: 'Field notes', singular: 'Field note', plural: 'Field notes', icon: 'leaf', kind: 'article', address: '/field-notes/{slug}', facets: [10], fields: [] }],
  facets: [{ id: 10, slug: 'topic', name: 'Topic', plural: 'Topics' }],
  terms: [
    { id: 11, facetId: 10, parentId: null, name: 'Soil', slug: 'soil' },
    { id: 12, facetId: 10, parentId: null, name: 'Seed', slug: 'seed' },
  ],
  authors: [{ id: 21, name: 'Maud Ferris' }],
})

function said(change: Partial<Listing>) {
  return sentenceText(sentenceOf({ ...newListing('Latest', 1), ...change }, words))
}

describe('the sentence', () => {
  it('says the defaults', () => {
    expect(said({})).toBe(
      'Show all field notes, newest first, 6 of them, as a grid of 3 columns (2 · 1). Each card carries picture, topic, title, summary of 25 words, date.',
    )
  })

  it('says rules, order and amount', () => {
    expect(
      said({
        from: {
          by: 'rule',
          collection: 1,
          rules: [
            { rule: 'terms', facet: 10, any: [11, 12] },
            { rule: 'author', any: [21] },
            { rule: 'published-within', days: 90 },
          ],
        },
        order: { keys: [{ by: 'views', direction: 'down' }, { by: 'title', direction: 'up' }], pinned: 'first' },
        amount: { skip: 1, take: 8 },
      }),
    ).toMatch(/^Show field notes in Soil or Seed, by Maud Ferris, last 90 days, pinned, then most read first, then titles A to Z, skip 1, then 8, as a /)
  })

  it('names what is gone instead of leaving a hole', () => {
    expect(said({ from: { by: 'rule', collection: 99, rules: [{ rule: 'terms', facet: 10, any: [77] }] } })).toContain(
      'Show a collection that is gone in a term that is gone,',
    )
  })

  it('says what each card carries as the parts are switched', () => {
    expect(said({ card: { parts: [{ part: 'title', on: true, level: 3 }, { part: 'date', on: false }] } })).toMatch(/carries title\.$/)
    expect(said({ card: { parts: [] } })).toMatch(/carries nothing yet\.$/)
  })

  it('has a ticket for every clause in their order, for any listing', () => {
    fc.assert(
      fc.property(listings, (listing) => {
        const tickets = sentenceOf(listing, words).flatMap((piece) => (piece.kind === 'ticket' ? [piece.clause] : []))
        expect(tickets).toEqual(['from', 'order', 'amount', 'shape', 'card'])
      }),
    )
  })
})
