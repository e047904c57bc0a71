import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import { visitors } from '~~/tests/support/arbitraries'
import { wordsOf } from '../content/catalogue'
import { newListing } from '../listing/definition'
import { inEveryWay, visitedListing } from '../listing/visited'
import { visitorsPhrase } from '../listing/visitors'
import type { Order } from '../order/order'
import { controls } from '.'
import { newAmountControl } from './amount'
import { askedBy, choicesIn, noChoices } from './choices'
import type { ControlSite } from './define'
import { spanRules } from './dates'
import { newSearchControl } from './search'
import { newSortControl, orderName } from './sort'

const words = wordsOf(emptyCatalogue)
const site: ControlSite = { facets: [], terms: [], authors: [], words }
const byTitle: Order = { keys: [{ by: 'title', direction: 'up' }], pinned: 'ignored' }
const oldest: Order = { keys: [{ by: 'date', direction: 'up' }], pinned: 'first' }
const sort = {
  ...newSortControl,
  orders: [
    { name: '', order: byTitle },
    { name: 'From the beginning', order: oldest },
    { name: 'From the beginning!', order: byTitle },
  ],
}
const listing = {
  ...newListing('Notes', 1),
  visitors: { place: 'above', controls: [sort, newAmountControl] },
} as const
const at = (asked: Readonly<Record<string, string>>) =>
  choicesIn(listing.visitors.controls, (name) => asked[name] ?? null, site)

describe('an order that visitors choose', () => {
  it('is called by what they read, in addresses too, each by another name', () => {
    expect(sort.orders.map((one) => orderName(one, words))).toEqual([
      'Titles A to Z',
      'From the beginning',
      'From the beginning!',
    ])
    const asked = sort.orders.map((_, choice) => askedBy(sort, choice, site))
    expect(asked).toEqual([
      { by: 'titles-a-to-z' },
      { by: 'from-the-beginning' },
      { by: 'from-the-beginning-2' },
    ])
    expect(askedBy(sort, null, site)).toEqual({ by: null })
  })

  it('takes the place of the listing’s own, and so many at once that of its pages', () => {
    expect(visitedListing(listing, at({}).chosen)).toBe(listing)
    expect(visitedListing(listing, at({ by: 'from-the-beginning' }).chosen).order).toEqual(oldest)
    const paged = {
      ...listing,
      amount: { ...listing.amount, take: 30, perPage: 6, stops: [{ below: 500, take: 2 }] },
    }
    const many = at({ per: '24', by: 'titles-a-to-z' })
    expect(visitedListing(paged, many.chosen)).toMatchObject({
      order: byTitle,
      amount: { take: 30, perPage: 24, stops: [] },
    })
    expect(visitedListing(paged, at({ per: '48' }).chosen).amount.perPage).toBe(30)
    expect(visitedListing(listing, at({ per: '48' }).chosen).amount.take).toBe(48)
  })

  it('narrows nothing, and is nothing that is taken back', () => {
    const { chosen } = at({ by: 'titles-a-to-z', per: '24' })
    expect(chosen).toHaveLength(2)
    for (const { control, choice } of chosen) {
      const kind = controls.get(control.control)
      expect([kind.asks, kind.told(control, choice, words)]).toEqual([undefined, []])
    }
  })

  it.each([
    [{ by: 'cheapest' }, ['cheapest']],
    [{ per: '23' }, ['23']],
    [{ per: '024' }, ['024']],
    [{ per: '', by: '' }, ['', '']],
  ])('means nothing where it is not offered: %j', (asked, unknown) => {
    expect(at(asked)).toEqual({ ...noChoices, unknown })
  })

  it('is said in the sentence by what visitors do', () => {
    const said = (all: Parameters<typeof visitorsPhrase>[0]['controls']) =>
      visitorsPhrase({ place: 'above', controls: all }, words)
    expect(said([sort])).toBe('sort')
    expect(said([sort, newAmountControl])).toBe('sort and choose how many')
    expect(said([sort, newSearchControl])).toBe('narrow by words, and sort')
  })

  it('brings itself back from its address, whatever is offered', () => {
    fc.assert(
      fc.property(visitors, ({ controls: all }) => {
        for (const control of all) {
          if (control.control !== 'sort') continue
          for (const [choice] of control.orders.entries()) {
            const [text] = Object.values(askedBy(control, choice, site))
            const back = choicesIn([control], () => text ?? null, site)
            expect(back).toEqual({ chosen: [{ control, choice }], unknown: [] })
          }
          const whole = { ...listing, visitors: { place: 'above' as const, controls: all } }
          const spans = all.flatMap((one) => (one.control === 'dates' ? spanRules(one) : []))
          const views = all.flatMap((one) => (one.control === 'views' ? one.views : []))
          expect(inEveryWay(whole)).toHaveLength(1 + control.orders.length + spans.length + views.length)
        }
      }),
    )
  })
})
