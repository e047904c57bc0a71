import { describe, expect, it } from 'vitest'
import { wordsOf } from '../content/catalogue'
import { defaultAmount } from '../listing/amount'
import { newListing } from '../listing/definition'
import { fromAll } from '../listing/from'
import { tallyOf } from './tally'
import { happensNever } from '../content/happening'
import { defaultValues } from '../looks/site-values'

const words = wordsOf({
  siteName: '',
  placeholder: 'sprig',
  locale: 'en-GB',
  zone: 'UTC',
  collections: [
    {
      id: 1,
      slug: 'notes',
      name: 'Notes',
      singular: 'Note',
      plural: 'Notes',
      icon: 'note',
      kind: 'plain',
      address: '/notes/{slug}',
      facets: [],
      fields: [],
      happening: happensNever,
    },
  ],
  facets: [],
  terms: [],
  authors: [],
  looks: [],
  values: defaultValues,
  fonts: [],
})
const listing = {
  ...newListing('Latest', 1),
  from: { ...fromAll(1), rules: [{ rule: 'date', window: { is: 'last', count: 90, unit: 'day' } }] },
  amount: { ...defaultAmount, skip: 1, take: 8 },
} as const

describe('the tally', () => {
  it('counts down from the collection to what is shown', () => {
    expect(tallyOf(listing, [214, 23], words)).toEqual([
      { clause: 'from', label: 'notes', count: 214, note: null },
      { clause: 'from', label: 'last 90 days', count: 23, note: null },
      { clause: 'amount', label: 'after skipping 1', count: 22, note: null },
      { clause: 'amount', label: 'shown', count: 8, note: null },
    ])
  })

  it('says which step emptied the listing', () => {
    const steps = tallyOf(listing, [214, 0], words)
    expect(steps.filter((step) => step.note !== null).map((step) => [step.label, step.note])).toEqual([
      ['last 90 days', 'nothing is left after this'],
    ])
  })

  it('counts pages, of which the last may hold fewer', () => {
    const paged = { ...listing, amount: { ...listing.amount, take: 40, perPage: 6 } }
    expect(tallyOf(paged, [214, 23], words).at(-1)).toMatchObject({
      label: 'shown in 4 pages',
      count: 22,
      note: null,
    })
  })

  it('says when fewer are there than were asked for', () => {
    expect(tallyOf(listing, [214, 6], words).at(-1)).toMatchObject({ count: 5, note: '8 asked for, 5 there' })
  })
})
