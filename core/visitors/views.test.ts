import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { visitors } from '~~/tests/support/arbitraries'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import { defaultCard } from '../cards/card'
import { readyMadeCards, withReadyMade } from '../cards/ready-made'
import { wordsOf } from '../content/catalogue'
import { newListing, parseListing } from '../listing/definition'
import type { Listing } from '../listing/definition'
import { withViewExchanged } from '../listing/exchanged-view'
import { targetsOf } from '../listing/targets'
import { inEveryWay, visitedListing } from '../listing/visited'
import { visitorsPhrase } from '../listing/visitors'
import { newShape, shapes } from '../shapes'
import { askedBy, choicesIn, noChoices } from './choices'
import type { ControlSite } from './define'
import { newViewsControl, viewName } from './views'
import type { ViewsControl } from './views'

const words = wordsOf(emptyCatalogue)
const site: ControlSite = { facets: [], terms: [], authors: [], words }
const [ready] = readyMadeCards
const plain = {
  ...defaultCard,
  parts: ready === undefined ? [] : withReadyMade(defaultCard.parts, ready, []),
}
const views: ViewsControl = {
  ...newViewsControl,
  own: 'Pictures',
  views: [
    { name: '', shape: newShape('list'), card: null },
    { name: 'In detail', shape: newShape('table'), card: plain },
    { name: 'In detail?', shape: newShape('masonry'), card: null },
  ],
}
const listing: Listing = { ...newListing('Notes', 1), visitors: { place: 'above', controls: [views] } }
const at = (as: string) => choicesIn(listing.visitors.controls, (name) => (name === 'as' ? as : null), site)

describe('a view that visitors choose', () => {
  it('is called by its name or its shape, in addresses too, each by another', () => {
    expect(views.views.map(viewName)).toEqual(['List', 'In detail', 'In detail?'])
    expect(views.views.map((_, choice) => askedBy(views, choice, site))).toEqual([
      { as: 'list' },
      { as: 'in-detail' },
      { as: 'in-detail-2' },
    ])
    expect(askedBy(views, null, site)).toEqual({ as: null })
  })

  it('lays the listing out so, with cards of its own where it has such', () => {
    expect(visitedListing(listing, at('list').chosen)).toEqual({ ...listing, shape: newShape('list') })
    expect(visitedListing(listing, at('in-detail').chosen)).toEqual({
      ...listing,
      shape: newShape('table'),
      card: plain,
    })
    expect(at('small')).toEqual({ ...noChoices, unknown: ['small'] })
    expect(visitorsPhrase(listing.visitors, words)).toBe('change the view')
  })

  it('is looked through for what moves by the clock, and can be styled', () => {
    expect(inEveryWay(listing).map(({ shape }) => shape.name)).toEqual(['grid', 'list', 'table', 'masonry'])
    const own = targetsOf(listing).map(({ name }) => name)
    expect(own).toContain('table-head')
    expect(new Set(own).size).toBe(own.length)
  })

  it('changes places with the listing’s own, and back', () => {
    const there = withViewExchanged(listing, 1)
    expect(there).toMatchObject({ shape: { name: 'table' }, card: plain })
    expect(there.visitors.controls).toMatchObject([
      { own: 'In detail', views: [{}, { name: 'Pictures', shape: listing.shape, card: listing.card }, {}] },
    ])
    expect(withViewExchanged(there, 1)).toEqual(listing)
    expect(withViewExchanged(listing, 3)).toBe(listing)
    expect(withViewExchanged(withViewExchanged(listing, 0), 0)).toEqual(listing)
  })

  it('is kept whole', () => {
    const said = (view: object) =>
      parseListing({
        ...listing,
        visitors: { place: 'above', controls: [{ ...views, views: [view] }] },
      })
    const [fault, ...others] = [
      { name: '', shape: { name: 'list' }, card: null },
      { name: '', card: null },
      { name: '', shape: newShape('list'), card: { parts: [] } },
      {
        name: '',
        shape: newShape('list'),
        card: { ...defaultCard, parts: [plain.parts[0], plain.parts[0]] },
      },
      { name: '', shape: { ...newShape('list'), name: 'heap' }, card: null },
    ].map(said)
    for (const one of [fault, ...others]) expect(one?.ok).toBe(false)
    expect(fault).toMatchObject({ faults: [{ path: 'visitors.controls[0].views[0].shape' }] })
    expect(said({ name: '', shape: newShape('list'), card: defaultCard }).ok).toBe(true)
  })

  it('brings itself back from its address, whatever is offered', () => {
    fc.assert(
      fc.property(visitors, ({ controls: all }) => {
        for (const control of all) {
          if (control.control !== 'views') continue
          for (const [choice, { shape }] of control.views.entries()) {
            const [text] = Object.values(askedBy(control, choice, site))
            const back = choicesIn([control], () => text ?? null, site)
            expect(back).toEqual({ chosen: [{ control, choice }], unknown: [] })
            expect(visitedListing(listing, back.chosen).shape).toBe(shape)
          }
        }
      }),
    )
  })

  it('has every shape to choose from', () => {
    for (const name of shapes.names) expect(viewName({ name: '', shape: newShape(name) })).not.toBe('')
  })
})
