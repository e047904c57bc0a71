import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CollectionSummary } from '../../content/catalogue'
import { collectionKinds } from '../../content/collection'
import type { CollectionKind } from '../../content/collection'
import type { Field } from '../../content/field'
import { parseListing, storedListing } from '../../listing/definition'
import { freePageAddress, pageAddressFault } from '../address'
import { copiedPage } from '../copy'
import { parsePage } from '../parse-page'
import { placedListingsOf, placementsOf, standingOn } from '../standing'
import { madeFrom, readyMadePages, suitedCollection } from '.'
import { happensNever } from '../../content/happening'

const moment = { id: 90, key: 'starts', name: 'Starts', type: 'date-time', filterable: true, sortable: true }

function collection(id: number, kind: CollectionKind, withFields = true): CollectionSummary {
  return {
    id,
    slug: `c-${id}`,
    name: `Collection ${id}`,
    singular: 'Thing',
    plural: `Things ${id}`,
    icon: 'leaf',
    kind,
    address: `/c-${id}/{slug}`,
    facets: withFields ? [60, 61, 62, 63] : [],
    fields: withFields ? [moment as unknown as Field] : [],
    happening: happensNever,
  }
}

function ids(): () => string {
  let last = 0
  return () => `00000000-0000-4000-8000-${String((last += 1)).padStart(12, '0')}`
}

const sites = fc
  .array(fc.tuple(fc.constantFrom(...collectionKinds), fc.boolean()), { minLength: 1, maxLength: 14 })
  .map((kinds) => kinds.map(([kind, withFields], at) => collection(at + 1, kind, withFields)))

describe('ready-made pages', () => {
  it('are ten at least, each of a name and a title of its own', () => {
    expect(readyMadePages.all.length).toBeGreaterThanOrEqual(10)
    expect(new Set(readyMadePages.all.map((one) => one.title)).size).toBe(readyMadePages.all.length)
  })

  it.each(readyMadePages.all)('“$title” is a page that can be kept, whatever the site has', (ready) => {
    fc.assert(
      fc.property(sites, fc.nat(20), (collections, chosen) => {
        const { page, listings } = madeFrom(ready, 'Made', collections, chosen, ids())
        expect(parsePage(JSON.parse(JSON.stringify(page)))).toEqual({ ok: true, value: page })
        for (const listing of listings.values())
          expect(parseListing(storedListing(listing))).toEqual({ ok: true, value: listing })
        const placed = placedListingsOf(page).map((one) => one.listing)
        expect([...placed].sort()).toEqual([...listings.keys()].sort())
        const main = collections.find((one) => one.id === chosen) ?? suitedCollection(ready, collections)
        const shown = [...listings.values()].flatMap((listing) => listing.from.collections)
        expect(shown).toContain(main?.id)
        expect(shown.every((id) => collections.some((one) => one.id === id))).toBe(true)
      }),
    )
  })

  it.each(readyMadePages.all)('“$title” is about what it was made for, where the site has that', (ready) => {
    const collections = collectionKinds.map((kind, at) => collection(at + 1, kind))
    const suited = suitedCollection(ready, collections)
    expect(suited?.kind).toBe(ready.kinds[0] ?? collections[0]?.kind)
  })

  it('have nothing on them where a site has nothing yet', () => {
    const made = readyMadePages.all.map((ready) => madeFrom(ready, 'Made', [], null, ids()))
    expect(made.flatMap(({ page }) => placementsOf(page))).toEqual([])
    expect(made.every(({ page }) => parsePage(page).ok)).toBe(true)
  })
})

describe('a copied page', () => {
  it('shows the same with things and listings of its own', () => {
    const collections = collectionKinds.map((kind, at) => collection(at + 1, kind))
    for (const ready of readyMadePages.all) {
      const next = ids()
      const { page, listings } = madeFrom(ready, 'Made', collections, null, next)
      const copy = copiedPage({ page, listings: Object.fromEntries(listings) }, 'Copy', next)
      expect(parsePage(copy.page)).toEqual({ ok: true, value: copy.page })
      expect(copy.page.title).toBe('Copy')
      expect(Object.values(copy.listings)).toEqual([...listings.values()])
      const [before, after] = [standingOn(page), standingOn(copy.page)]
      expect(after.map((one) => one.spot)).toEqual(before.map((one) => one.spot))
      const used = new Set(before.flatMap(({ placement }) => [placement.id, ...listings.keys()]))
      for (const { placement } of after) {
        expect(used.has(placement.id)).toBe(false)
        if (placement.kind === 'listing') expect(copy.listings[placement.listing]).toBeDefined()
      }
    }
  })
})

describe('addresses of pages', () => {
  it.each(['/', '/about', '/about/the-hill', '/2026', '/über-uns', '/種/一'])('“%s” is right', (path) => {
    expect(pageAddressFault(path)).toBeNull()
  })

  it.each([
    '',
    'about',
    '/About',
    '/a b',
    '/a/',
    '//',
    '/a_b',
    '/bench/x',
    '/api',
    '/media',
    '/live',
    '/a/{slug}',
    '/sitemap.xml',
    `/${'a'.repeat(120)}`,
  ])('“%s” is not', (path) => {
    expect(pageAddressFault(path)).not.toBeNull()
  })

  it('made of any title are right and free', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (title) => {
        const taken = new Set<string>()
        for (let turn = 0; turn < 3; turn += 1) {
          const address = freePageAddress(title, taken)
          expect(pageAddressFault(address)).toBeNull()
          expect(taken.has(address)).toBe(false)
          taken.add(address)
        }
      }),
    )
  })

  it.each(['Bench', 'API', 'Media', 'Live'])('made of “%s” do not begin with what is taken', (title) => {
    expect(pageAddressFault(freePageAddress(title, new Set()))).toBeNull()
  })
})
