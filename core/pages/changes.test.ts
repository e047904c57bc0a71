import { describe, expect, it } from 'vitest'
import { emptyCatalogue } from '~~/tests/support/catalogue'
import type { PageDocument } from '../edits/document'
import { newFitting } from '../fittings'
import { newListing } from '../listing/definition'
import { wordsOf } from '../content/catalogue'
import { newBand } from './bands/definition'
import { pageChanges } from './changes'
import { newPage, withEveryArea } from './definition'
import { withFurniture } from './furniture'
import type { PlacedListing, Placement } from './definition'
import {
  withBandChanged,
  withFrame,
  withPlacementChanged,
  withPlacementMoved,
  withPlacementsAt,
} from './moves'

const words = wordsOf(emptyCatalogue)
const placed = (id: string): PlacedListing => ({ kind: 'listing', id, listing: `of ${id}`, heading: '' })
const note: Placement = { kind: 'fitting', id: 'note', heading: '', fitting: newFitting('rule') }
const listing = newListing('Latest', 1)
const page = withEveryArea({
  ...newPage('Home'),
  areas: { main: [newBand(1, [placed('a'), placed('b'), note])], side: [newBand(2, [placed('c')])] },
  shelf: [placed('d')],
})
const before: PageDocument = {
  page,
  listings: Object.fromEntries(
    ['a', 'b', 'c', 'd'].map((id) => [`of ${id}`, { ...listing, name: `L ${id}` }]),
  ),
}
const told = (after: PageDocument) => pageChanges(before, after, words)

describe('what changes on a page', () => {
  it('is nothing where nothing does', () => {
    expect(told(before)).toEqual([])
    expect(told(JSON.parse(JSON.stringify(before)) as PageDocument)).toEqual([])
  })

  it('is told of the page itself', () => {
    expect(told({ ...before, page: { ...page, title: 'Start', introduction: 'Hello' } })).toEqual([
      { what: 'title', name: 'Start', before: 'Home', after: 'Start' },
      { what: 'introduction', name: 'Start', before: '', after: 'Hello' },
    ])
    expect(told({ ...before, page: withFrame(page, 'one-column') }).map((one) => one.what)).toEqual([
      'frame',
      'shelved',
    ])
    expect(told({ ...before, page: withFurniture(page, 'foot', false) })).toEqual([
      { what: 'furniture', name: 'Foot of every page', before: 'Shown', after: 'Left out' },
    ])
    const spaced = withBandChanged(page, 1, (band) => ({ ...band, above: 40 }))
    expect(told({ ...before, page: spaced })).toEqual([{ what: 'bands', name: 'Home' }])
  })

  it('is told of what comes, goes and moves, and of nothing that only gives way', () => {
    expect(told({ ...before, page: withPlacementMoved(page, 'c', '1/0', 0) })).toEqual([
      { what: 'moved', name: 'L c', listing: 'of c', before: 'Side', after: 'Main' },
    ])
    expect(told({ ...before, page: withPlacementMoved(page, 'a', 'shelf', 0) })).toEqual([
      { what: 'shelved', name: 'L a', listing: 'of a' },
    ])
    expect(told({ ...before, page: withPlacementMoved(page, 'd', '2/0', 0) })).toEqual([
      { what: 'unshelved', name: 'L d', listing: 'of d', after: 'Side' },
    ])
    expect(told({ ...before, page: withPlacementsAt(page, '2/0', []) })).toEqual([
      { what: 'removed', name: 'L c', listing: 'of c' },
    ])
    const added: PageDocument = {
      page: withPlacementsAt(page, '2/0', [placed('e'), placed('c')]),
      listings: { ...before.listings, 'of e': { ...listing, name: 'L e' } },
    }
    expect(told(added)).toEqual([{ what: 'added', name: 'L e', listing: 'of e' }])
    const swapped = withPlacementMoved(page, 'b', '1/0', 0)
    expect(told({ ...before, page: swapped }).map((one) => one.what)).toContain('moved')
  })

  it('is told of a listing by its sentence before and after', () => {
    const fewer = { ...listing, name: 'L a', amount: { ...listing.amount, take: 3 } }
    const [change] = told({ ...before, listings: { ...before.listings, 'of a': fewer } })
    expect(change).toMatchObject({ what: 'listing', name: 'L a', listing: 'of a' })
    expect(change?.before).not.toBe(change?.after)
    expect(change?.after).toContain('3')
    const renamed = { ...listing, name: 'Newest' }
    expect(told({ ...before, listings: { ...before.listings, 'of a': renamed } })).toEqual([
      { what: 'renamed', name: 'Newest', listing: 'of a', before: 'L a', after: 'Newest' },
    ])
  })

  it('is told where the sentence says nothing of it', () => {
    const tabbed = { ...listing, name: 'L a', card: { ...listing.card, newTab: true } }
    const [change, ...more] = told({ ...before, listings: { ...before.listings, 'of a': tabbed } })
    expect(more).toEqual([])
    expect(['card', 'listing']).toContain(change?.what)
  })

  it('is told of a heading and of a fitting', () => {
    const headed = withPlacementChanged(page, 'a', (one) => ({ ...one, heading: 'News' }))
    expect(told({ ...before, page: headed })).toEqual([
      { what: 'around', name: 'L a', listing: 'of a', before: '', after: 'News' },
    ])
    const thick = withPlacementChanged(page, 'note', (one) =>
      one.kind === 'fitting' ? { ...one, fitting: { name: 'rule', line: 'thick' } } : one,
    )
    expect(told({ ...before, page: thick }).map((one) => one.what)).toEqual(['fitting'])
    const styled = withPlacementChanged(page, 'note', (one) => ({
      ...one,
      styles: [{ target: 'rule', state: null, below: null, set: { colour: 'leaf' } }],
    }))
    expect(told({ ...before, page: styled }).map((one) => one.what)).toEqual(['fitting'])
  })

  it('is told of a listing once, however often it stands on the page', () => {
    const twice = {
      ...before,
      page: withPlacementsAt(page, '2/0', [placed('c'), { ...placed('f'), listing: 'of a' }]),
    }
    const fewer = { ...listing, name: 'L a', amount: { ...listing.amount, take: 3 } }
    const after = { ...twice, listings: { ...before.listings, 'of a': fewer } }
    expect(pageChanges(twice, after, words)).toHaveLength(1)
  })
})
