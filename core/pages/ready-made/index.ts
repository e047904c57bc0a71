import type { CollectionSummary } from '../../content/catalogue'
import { registryOf } from '../../registry'
import type { Listing } from '../../listing/definition'
import { newPage, withEveryArea } from '../definition'
import type { Page } from '../definition'
import { aboutPage } from './about'
import { allThereIsPage } from './all-there-is'
import { byTopicPage } from './by-topic'
import { cataloguePage } from './catalogue'
import { daysPage } from './days'
import { Kit } from './define'
import type { ReadyMadePage } from './define'
import { everythingPage } from './everything'
import { filmsPage } from './films'
import { frontPage } from './front'
import { historyPage } from './history'
import { portfolioPage } from './portfolio'
import { toLetPage } from './to-let'
import { wordsPage } from './words'

export type { ReadyMadePage } from './define'

/** Every ready-made page. A new one is a file beside these and a line here. */
export const readyMadePages = registryOf<ReadyMadePage>('ready-made page', [
  frontPage,
  everythingPage,
  byTopicPage,
  cataloguePage,
  portfolioPage,
  daysPage,
  filmsPage,
  wordsPage,
  toLetPage,
  historyPage,
  aboutPage,
  allThereIsPage,
])

/**
 * The collection that a ready-made page is mostly made of, unless another is chosen: the first that
 * holds what it was made for, else the first there is. Undefined where there is none.
 */
export function suitedCollection<Collection extends Pick<CollectionSummary, 'kind'>>(
  { kinds }: ReadyMadePage,
  collections: readonly Collection[],
): Collection | undefined {
  return kinds.flatMap((kind) => collections.filter((one) => one.kind === kind))[0] ?? collections[0]
}

/** A page with the listings that stand on it. */
export interface MadePage {
  readonly page: Page
  readonly listings: ReadonlyMap<string, Listing>
}

/**
 * A page made of what a site has. `collection` is the id of what it is mostly about, null for what
 * suits it. It has nothing on it where the site has no collection yet. `nextId` gives a new UUID.
 */
export function madeFrom(
  ready: ReadyMadePage,
  title: string,
  collections: readonly CollectionSummary[],
  collection: number | null,
  nextId: () => string,
): MadePage {
  const blank = newPage(title, '', ready.frame)
  const main = collections.find((one) => one.id === collection) ?? suitedCollection(ready, collections)
  if (main === undefined) return { page: blank, listings: new Map() }
  const kit = new Kit({ main, collections, nextId })
  const areas = Object.fromEntries(Object.entries(ready.areas(kit)).filter(([, bands]) => bands.length > 0))
  return { page: withEveryArea({ ...blank, areas }), listings: kit.listings }
}
