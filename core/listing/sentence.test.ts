import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { listings } from '~~/tests/support/arbitraries'
import { fieldOfType } from '~~/tests/support/card-entries'
import { defaultCard } from '../cards/card'
import type { Styles } from '../looks/styles'
import { defaultShape, newShape } from '../shapes'
import { wordsOf } from '../content/catalogue'
import type { FieldTypeName } from '../content/fields'
import { newTermsControl } from '../visitors/terms'
import { defaultAmount } from './amount'
import { defaultPaging } from './paging'
import { clauses } from './clauses'
import { newListing } from './definition'
import type { Listing } from './definition'
import { fromAll } from './from'
import { defaultLook } from './look'
import { orderKeyPhrase } from '../order/order'
import { sentenceOf, sentenceText } from './sentence'
import { defaultVisitors } from './visitors'
import { happensNever } from '../content/happening'
import { defaultValues } from '../looks/site-values'

const words = wordsOf({
  siteName: 'Sorrel Hill',
  placeholder: 'sprig',
  locale: 'en-GB',
  zone: 'Europe/London',
  collections: [
    {
      id: 1,
      slug: 'field-notes',
      name: 'Field notes',
      singular: 'Field note',
      plural: 'Field notes',
      icon: 'leaf',
      kind: 'article',
      address: '/field-notes/{slug}',
      facets: [10],
      fields: [],
      happening: happensNever,
    },
  ],
  facets: [{ id: 10, slug: 'topic', name: 'Topic', plural: 'Topics' }],
  terms: [
    { id: 11, facetId: 10, parentId: null, name: 'Soil', slug: 'soil' },
    { id: 12, facetId: 10, parentId: null, name: 'Seed', slug: 'seed' },
  ],
  authors: [{ id: 21, name: 'Maud Ferris', slug: 'maud-ferris' }],
  looks: [],
  values: defaultValues,
  fonts: [],
})

function said(change: Partial<Listing>) {
  return sentenceText(sentenceOf({ ...newListing('Latest', 1), ...change }, words))
}

describe('the sentence', () => {
  it('says the defaults', () => {
    expect(said({})).toBe(
      'Show all field notes, newest first, 6 of them, as a grid of 3 columns (2 · 1). Each card carries picture, terms, title, summary of 25 words, date, in the site’s look. Visitors take it as it is.',
    )
  })

  it('says rules, order and amount', () => {
    expect(
      said({
        from: {
          ...fromAll(1),
          rules: [
            { rule: 'terms', facet: 10, is: 'any', terms: [11, 12] },
            { rule: 'author', is: 'any', authors: [21] },
            { rule: 'date', window: { is: 'last', count: 90, unit: 'day' } },
          ],
        },
        order: {
          keys: [
            { by: 'views', direction: 'down' },
            { by: 'title', direction: 'up' },
          ],
          pinned: 'first',
        },
        amount: { ...defaultAmount, skip: 1, take: 8 },
      }),
    ).toMatch(
      /^Show field notes in Soil or Seed, by Maud Ferris and last 90 days, pinned, then most read first, then titles A to Z, skip 1, then 8, as a /,
    )
  })

  it('says groups, what is always in and out, and where entries come from', () => {
    const soil = { rule: 'terms', facet: 10, is: 'none', terms: [11] } as const
    const recent = { rule: 'date', window: { is: 'this', unit: 'month' } } as const
    const group = { rule: 'group', join: 'any', rules: [soil, recent] } as const
    expect(
      said({ from: { ...fromAll(1), rules: [group], always: [5], never: [6, 7], leaveOut: ['shownAbove'] } }),
    ).toContain(
      'Show field notes (not in Soil or this month), 1 always in, 2 always out, without what is shown above, newest',
    )
    expect(
      said({
        from: { ...fromAll(1), by: 'hand', picks: [{ entry: 5 }, { entry: 6 }] },
        order: { keys: [{ by: 'hand' }], pinned: 'ignored' },
      }),
    ).toContain('Show 2 entries picked from field notes, in the order picked, 6 of them')
    expect(said({ from: { ...fromAll(1), by: 'page' } })).toContain('Show field notes of the page, ')
    expect(said({ from: { ...fromAll(1), rules: [{ ...soil, off: true }] } })).toContain(
      'Show all field notes, ',
    )
  })

  it.each<[FieldTypeName, string, string]>([
    ['number', 'by when, lowest first', 'by when, highest first'],
    ['short-text', 'by when, A to Z', 'by when, Z to A'],
    ['date', 'by when, earliest first', 'by when, latest first'],
    ['date-time', 'by when, earliest first', 'by when, latest first'],
    ['duration', 'by when, shortest first', 'by when, longest first'],
    ['yes-no', 'by when, no first', 'by when, yes first'],
    ['choice', 'by when, in their order', 'by when, in reverse'],
  ])('calls the order of a field of type %s by what it means', (type, up, down) => {
    const field = { ...fieldOfType(40, type), name: 'When' }
    const fieldWords = {
      ...words,
      field: (id: number) => (id === field.id ? { ...field, collectionId: 1 } : undefined),
    }
    expect(
      (['up', 'down'] as const).map((direction) =>
        orderKeyPhrase({ by: 'field', field: 40, direction }, fieldWords),
      ),
    ).toEqual([up, down])
  })

  it('says when entries happen, and on every date only where that is asked', () => {
    const from = { ...fromAll(1), dates: 'every' as const }
    expect(said({ from })).toContain('Show all field notes, newest first')
    expect(said({ from, order: { keys: [{ by: 'when', direction: 'up' }], pinned: 'ignored' } })).toContain(
      'Show all field notes, on every date, next date first',
    )
    const rules = [
      { rule: 'when', asked: { is: 'within', window: { is: 'next', count: 2, unit: 'week' } } },
    ] as const
    expect(said({ from: { ...from, dates: 'once', rules } })).toContain(
      'Show field notes happening in the next 2 weeks, newest first',
    )
  })

  it('says shuffles, recent reads, pages and narrower amounts', () => {
    expect(
      said({
        order: {
          keys: [
            { by: 'views', direction: 'down', days: 30 },
            { by: 'shuffle', span: 'day', number: 1 },
          ],
          pinned: 'ignored',
        },
        amount: { ...defaultAmount, take: 40, perPage: 12, stops: [{ below: 560, take: 4 }] },
      }),
    ).toContain('most read in 30 days first, then shuffled anew each day, 40 in pages of 12 (4), as a')
  })

  it.each([
    ['turn', '40 in pages of 12'],
    ['numbers', '40 in numbered pages of 12'],
    ['more', '40, 12 more at each press'],
    ['endless', '40, 12 more as their end is reached'],
  ] as const)('says how pages come: %s', (kind, words) => {
    const paging = { ...defaultPaging, kind }
    expect(said({ amount: { ...defaultAmount, take: 40, perPage: 12, paging } })).toContain(
      `, ${words}, as a`,
    )
  })

  it('names what is gone instead of leaving a hole', () => {
    expect(
      said({ from: { ...fromAll(99), rules: [{ rule: 'terms', facet: 10, is: 'any', terms: [77] }] } }),
    ).toContain('Show a collection that is gone in a term that is gone,')
  })

  it('says what each card carries as the parts are switched', () => {
    expect(
      said({
        card: {
          ...defaultCard,
          parts: [
            { part: 'title', on: true, level: 3 },
            { part: 'date', on: false },
          ],
        },
      }),
    ).toMatch(/carries title, in /)
    expect(said({ card: { ...defaultCard, parts: [] } })).toMatch(/carries nothing yet, in /)
  })

  it('says what its look sets of what it has, by name or by how much', () => {
    const set = (...targets: readonly string[]) =>
      targets.map((target) => ({ target, state: null, below: null, set: { letterSize: '21px' as const } }))
    const shape = { ...newShape('tabs') }
    const look = (own: Styles) => said({ look: { ...defaultLook, own }, shape })
    expect(look(set('title'))).toMatch(/, in the site’s look, with title of its own\. Visitors/)
    expect(
      look([...set('title'), { target: 'title', state: 'pointed', below: null, set: { weight: 700 } }]),
    ).toMatch(/look, with title of its own\. Visitors/)
    expect(look(set('tab', 'title', 'card'))).toMatch(/look, with tab, card and title of its own\. Visitors/)
    expect(look(set('tab', 'title', 'card', 'heading'))).toMatch(/look, with 4 things of its own\. Visitors/)
    expect(look([...set('slides-dot'), { target: 'card', state: null, below: null, set: {} }])).toMatch(
      /, in the site’s look\. Visitors/,
    )
  })

  it('says what holds at the width of the box, and what it never comes to there', () => {
    const shape = {
      ...defaultShape,
      stops: [
        { from: 0, columns: 1, columnGap: 22, rowGap: 30 },
        { from: 460, columns: 2, columnGap: 22, rowGap: 30 },
        { from: 720, columns: 3, columnGap: 22, rowGap: 30 },
        { from: 900, columns: 4, columnGap: 22, rowGap: 30 },
      ],
    }
    const at = (now: number) =>
      sentenceText(sentenceOf({ ...newListing('Latest', 1), shape }, words, { now, widest: 812 }))
    const never = '4 columns only from 900 px, which it never is here'
    expect(at(812)).toContain(`as a grid of 3 columns (2 · 1 where narrower; ${never}).`)
    expect(at(500)).toContain(`as a grid of 2 columns (1 where narrower; 3 columns where wider; ${never}).`)
    expect(at(300)).toContain(`a grid of 1 column (2 columns where wider; 3 columns where wider; ${never}).`)
  })

  it('says what visitors can do', () => {
    const controls = [newTermsControl(10), { ...newTermsControl(11), label: 'Weather' }]
    expect(said({ visitors: { ...defaultVisitors, controls } })).toMatch(
      /, in the site’s look\. Visitors narrow by .+ and weather\.$/,
    )
  })

  it('has a ticket for every clause in their order, for any listing', () => {
    fc.assert(
      fc.property(listings, (listing) => {
        const tickets = sentenceOf(listing, words).flatMap((piece) =>
          piece.kind === 'ticket' ? [piece.clause] : [],
        )
        expect(tickets).toEqual([...clauses])
      }),
    )
  })
})
