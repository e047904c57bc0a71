import { describe, expect, it } from 'vitest'
import { areaOf } from '../pages/frames'
import { newListing, parseListing } from '../listing/definition'
import type { Listing } from '../listing/definition'
import type { OrderKey } from '../order/order'
import { newSortControl } from '../visitors/sort'
import { unseenOrders } from './unseen-orders'

const main = areaOf('one-column', 'main')
if (main === undefined) throw new Error('The frame has a main area.')
const plain = newListing('Shelf', 1)

function offering(...keys: readonly OrderKey[]): Listing {
  const orders = keys.map((key) => ({ name: '', order: { keys: [key], pinned: 'ignored' as const } }))
  return { ...plain, visitors: { place: 'above', controls: [{ ...newSortControl, orders }] } }
}
const found = (listing: Listing) =>
  unseenOrders.find({ placement: 'a', listing, followed: [], box: main, cards: [], passing: null }, {
    listings: [],
    placeholder: 'none',
    levels: [],
  } as never)
const withParts = (listing: Listing, ...shown: readonly string[]): Listing => ({
  ...listing,
  card: {
    ...listing.card,
    parts: listing.card.parts.map((part) => ({ ...part, on: shown.includes(part.part) })),
  },
})

describe('an order that visitors can choose', () => {
  it('is fine where a card tells what it goes by', () => {
    expect(found(plain)).toEqual([])
    const byTitle = offering({ by: 'title', direction: 'up' })
    expect(found(withParts(byTitle, 'title'))).toEqual([])
    const byPrice = offering({ by: 'field', field: 7, direction: 'up' })
    const priced = { part: 'price', on: true, field: 7 } as const
    expect(found({ ...byPrice, card: { ...byPrice.card, parts: [priced] } })).toEqual([])
    const facts = { part: 'facts', on: true, facts: [7, 'date'], separator: '' } as const
    expect(found({ ...byPrice, card: { ...byPrice.card, parts: [facts] } })).toEqual([])
    const byDate = offering({ by: 'date', direction: 'up' })
    expect(found({ ...byDate, card: { ...byDate.card, parts: [facts] } })).toEqual([])
  })

  it('is told where none does, and mended by showing it or by offering it no more', () => {
    const listing = withParts(
      offering({ by: 'title', direction: 'up' }, { by: 'field', field: 7, direction: 'down' }),
      'title',
    )
    const [unseen, ...more] = found(listing)
    expect(more).toEqual([])
    expect(unseen?.text).toBe('The second order that visitors can choose goes by what no card tells.')
    for (const mend of unseen?.mends ?? []) {
      const mended = mend.edit(listing)
      expect(found(mended)).toEqual([])
      expect(parseListing(mended).ok).toBe(true)
    }
    expect(unseen?.mends).toHaveLength(2)
    const views = withParts(offering({ by: 'views', direction: 'down' }), 'title')
    const [only] = found(views)
    expect(only?.mends.map(({ title }) => title)).toEqual(['Show it on the cards'])
    expect(found(only?.mends[0]?.edit(views) ?? views)).toEqual([])
  })
})
