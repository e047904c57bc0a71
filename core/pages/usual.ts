import type { Catalogue, CollectionSummary } from '../content/catalogue'
import { baseOf } from '../content/entry-address'
import { newFitting } from '../fittings'
import type { FittingName } from '../fittings'
import { begunListing } from '../listing/begun'
import type { Listing } from '../listing/definition'
import { newPage } from './definition'
import type { Placement } from './definition'
import { withPlacementsAt } from './moves'
import { furnitureTitles, usualFurniture } from './furniture'
import type { MadePage } from './ready-made'
import { madeFrom, readyMadePages } from './ready-made'
import { furnitureAddress, furnitureNames } from './shared-address'
import { spotsOf } from './standing'

/**
 * What visitors get without a hand having made it: everything of a collection, each of its entries
 * and months, each term of a facet, each author, what a search finds, and what stands around every page.
 */
export const usualKinds = [
  'collection',
  'entry',
  'month',
  'term',
  'author',
  'search',
  'head',
  'foot',
] as const
export type UsualKind = (typeof usualKinds)[number]

export interface UsualPage {
  readonly kind: UsualKind
  /** Id of the collection, or of the facet; null where it is of the whole site. */
  readonly of: number | null
  /** Its address, the pattern of the addresses that it has, or that of a shared area. */
  readonly path: string
  /** What it is called in the bench. */
  readonly title: string
}

/** The address of the pages of a facet’s terms. */
export function termPattern(facetSlug: string): string {
  return `/${facetSlug}/{slug}`
}

export const authorPattern = '/authors/{slug}'
export const searchAddress = '/search'

/** The address of an author’s page. */
export function authorAddress(slug: string): string {
  return authorPattern.replace('{slug}', encodeURIComponent(slug))
}

/** The address of the pages of a collection’s months, by the pattern of its entries. */
export function monthPattern(entries: string): string {
  return `${baseOf(entries)}/{year}/{month}`
}

/** The address of a month of a collection, by the pattern of its entries. `month` is 1 to 12. */
export function monthAddress(entries: string, year: number, month: number): string {
  return `${baseOf(entries)}/${String(year).padStart(4, '0')}/${String(month).padStart(2, '0')}`
}

/** Every page of a site that no hand needs to make. */
export function usualPages({
  collections,
  facets,
}: Pick<Catalogue, 'collections' | 'facets'>): readonly UsualPage[] {
  return [
    ...collections.map(({ id, name, address }) => ({
      kind: 'collection' as const,
      of: id,
      path: baseOf(address),
      title: name,
    })),
    ...collections.map(({ id, name, address }) => ({
      kind: 'entry' as const,
      of: id,
      path: address,
      title: `${name}: each entry`,
    })),
    ...collections.map(({ id, name, address }) => ({
      kind: 'month' as const,
      of: id,
      path: monthPattern(address),
      title: `${name}: each month`,
    })),
    ...facets.map(({ id, name, slug }) => ({
      kind: 'term' as const,
      of: id,
      path: termPattern(slug),
      title: `${name}: each term`,
    })),
    { kind: 'author', of: null, path: authorPattern, title: 'Each author' },
    { kind: 'search', of: null, path: searchAddress, title: 'Search' },
    ...furnitureNames.map((kind) => ({
      kind,
      of: null,
      path: furnitureAddress(kind),
      title: furnitureTitles[kind],
    })),
  ]
}

/** So many entries of each collection are shown at once. */
const perPage = 12

/** What stands on a usual page until somebody changes it. `nextId` gives an id that nothing has yet. */
export function usualPage(
  { kind, of, title }: Pick<UsualPage, 'kind' | 'of' | 'title'>,
  { collections }: Pick<Catalogue, 'collections'>,
  nextId: () => string,
): MadePage {
  const own = collections.find((one) => one.id === of)
  switch (kind) {
    case 'collection':
      return madeFrom(readyMadePages.get('everything'), title, collections, of, nextId)
    case 'entry':
      return following(title, [], nextId, [placed('entry'), placed('neighbours')])
    case 'month':
      return following(title, own === undefined ? [] : [own], nextId)
    case 'term':
      return following(
        title,
        collections.filter((one) => of !== null && one.facets.includes(of)),
        nextId,
      )
    case 'author':
      return following(title, collections, nextId)
    case 'search':
      return following(title, collections, nextId, [placed('search')])
    case 'head':
    case 'foot':
      return { page: usualFurniture(kind, nextId), listings: new Map() }
  }

  function placed(name: FittingName): Placement {
    return { kind: 'fitting', id: nextId(), heading: '', fitting: newFitting(name) }
  }
}

/** A page of what each collection has of what the page is about. */
function following(
  title: string,
  collections: readonly CollectionSummary[],
  nextId: () => string,
  above: readonly Placement[] = [],
): MadePage {
  const listings = new Map<string, Listing>()
  const placements = collections.map((collection): Placement => {
    const listing = begunListing(`${collection.name} of the page`, collection)
    const id = nextId()
    listings.set(id, {
      ...listing,
      from: { ...listing.from, by: 'page' },
      amount: { ...listing.amount, take: 'all', perPage },
    })
    const heading = collections.length === 1 ? '' : collection.name
    return { kind: 'listing', id: nextId(), listing: id, heading }
  })
  const page = newPage(title, '', 'one-column')
  const [first = 'shelf'] = spotsOf(page)
  return { page: withPlacementsAt(page, first, [...above, ...placements]), listings }
}
