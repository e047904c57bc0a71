import type { PageDocument } from '../edits/document'
import { fittingLabel } from '../fittings'
import { same } from '../same'
import type { Listing } from '../listing/definition'
import { sentenceOf, sentenceText } from '../listing/sentence'
import type { Words } from '../words'
import type { Placement, Spot } from './definition'
import { frames } from './frames'
import type { AreaName } from './frames'
import { furnitureTitles, hasFurniture } from './furniture'
import { placeOf } from './places'
import { furnitureNames } from './shared-address'
import { columnsOn, placementsAt, placementsOf, spotOf } from './standing'

/** What is another in one thing of a page, with what it was and what it is where that can be said. */
export interface PageChange {
  readonly what:
    | 'title'
    | 'introduction'
    | 'frame'
    | 'furniture'
    | 'bands'
    | 'shared'
    | 'unshared'
    | 'added'
    | 'removed'
    | 'shelved'
    | 'unshelved'
    | 'moved'
    | 'around'
    | 'fitting'
    | 'renamed'
    | 'listing'
    | 'card'
  /** What it is called: a listing by its name, a fitting by what it says. */
  readonly name: string
  /** The listing, where it is one. */
  readonly listing?: string
  readonly before?: string
  readonly after?: string
}

/**
 * What is different on a page: of the page itself, then thing by thing in page order, then what is
 * gone. Listings are told by their sentences.
 */
export function pageChanges(before: PageDocument, after: PageDocument, words: Words): readonly PageChange[] {
  const there = new Map(placementsOf(before.page).map((one) => [one.id, one]))
  const here = placementsOf(after.page)
  const gone = placementsOf(before.page).filter(
    (one) => !here.some((other) => other.id === one.id) && !stoodInShared(before, after, one),
  )
  return [
    ...changesOfPage(before, after),
    ...here.flatMap((one): readonly PageChange[] => {
      const earlier = there.get(one.id)
      return earlier === undefined
        ? [{ what: 'added', ...calledIn(after, one) }]
        : [...changesOfPlace(before, after, one), ...changesAround(after, earlier, one)]
    }),
    ...listingChanges(before, after, words),
    ...gone.map((one): PageChange => ({ what: 'removed', ...calledIn(before, one) })),
  ]
}

/** Whether something went with its area, as that became a shared one. */
function stoodInShared(before: PageDocument, after: PageDocument, { id }: Placement): boolean {
  const area = placeOf(before.page, id)?.area
  return area !== undefined && after.page.shared?.[area] !== undefined
}

function calledIn({ listings }: PageDocument, placement: Placement): Pick<PageChange, 'name' | 'listing'> {
  return placement.kind === 'fitting'
    ? { name: fittingLabel(placement.fitting) }
    : { name: listings[placement.listing]?.name ?? '', listing: placement.listing }
}

function changesOfPage({ page: before }: PageDocument, { page: after }: PageDocument): readonly PageChange[] {
  const texts = (['title', 'introduction'] as const).flatMap((what): readonly PageChange[] =>
    before[what] === after[what]
      ? []
      : [{ what, name: after.title, before: before[what], after: after[what] }],
  )
  const [was, is] = [frames.get(before.frame).title, frames.get(after.frame).title]
  const shared = sharedChanges(before, after)
  const told = shared.map((one) => one.area)
  const sameBands = same(bandsOf(before, told), bandsOf(after, told))
  return [
    ...texts,
    ...(before.frame === after.frame
      ? []
      : [{ what: 'frame', name: after.title, before: was, after: is } as const]),
    ...furnitureNames.flatMap((one): readonly PageChange[] => {
      const [had, has] = [hasFurniture(before, one), hasFurniture(after, one)]
      const said = (is: boolean) => (is ? 'Shown' : 'Left out')
      return had === has
        ? []
        : [{ what: 'furniture', name: furnitureTitles[one], before: said(had), after: said(has) }]
    }),
    ...shared.map((one) => one.change),
    ...(sameBands || before.frame !== after.frame ? [] : [{ what: 'bands', name: after.title } as const]),
  ]
}

/** The areas of a page that are shared otherwise than before. */
function sharedChanges(before: PageDocument['page'], after: PageDocument['page']) {
  return frames.get(after.frame).areas.flatMap(({ name: area, title }) => {
    const [was, is] = [before.shared?.[area], after.shared?.[area]]
    const change: PageChange = { what: is === undefined ? 'unshared' : 'shared', name: title }
    return was === is ? [] : [{ area, change }]
  })
}

/** The bands of a page, save in some areas, without what stands in them. */
function bandsOf(page: PageDocument['page'], without: readonly AreaName[]): unknown {
  return Object.entries(page.areas).flatMap(([area, bands]) =>
    without.some((one) => one === area)
      ? []
      : [[area, bands.map((band) => ({ ...band, columns: band.columns.map((column) => column.parts) }))]],
  )
}

function changesOfPlace(
  before: PageDocument,
  after: PageDocument,
  placement: Placement,
): readonly PageChange[] {
  const [from, to] = [spotOf(before.page, placement.id), spotOf(after.page, placement.id)]
  const called = calledIn(after, placement)
  if (from === to)
    return from === null || to === null || isAsBefore(before, after, placement.id, to)
      ? []
      : [{ what: 'moved', ...called }]
  if (to === 'shelf') return [{ what: 'shelved', ...called }]
  if (from === 'shelf') return [{ what: 'unshelved', ...called, after: areaTitle(after, to) }]
  return [{ what: 'moved', ...called, before: areaTitle(before, from), after: areaTitle(after, to) }]
}

/** Whether something comes after the same things as before, of those that are at its spot both times. */
function isAsBefore(before: PageDocument, after: PageDocument, id: string, spot: Spot): boolean {
  const [was, is] = [before, after].map(({ page }) => placementsAt(page, spot).map((one) => one.id))
  if (was === undefined || is === undefined) return true
  const common = (ids: readonly string[], others: readonly string[]) =>
    ids.slice(0, ids.indexOf(id)).filter((one) => others.includes(one))
  return same(common(was, is), common(is, was))
}

function areaTitle({ page }: PageDocument, spot: Spot | null): string {
  return columnsOn(page).find((one) => one.spot === spot)?.area.title ?? ''
}

function changesAround(after: PageDocument, was: Placement, is: Placement): readonly PageChange[] {
  const around = ({ heading, headingLevel, headingAddress, anchor, classes, above, below }: Placement) => ({
    heading,
    headingLevel,
    headingAddress,
    anchor,
    classes,
    above,
    below,
  })
  const called = calledIn(after, is)
  const isOther =
    was.kind === 'fitting' &&
    is.kind === 'fitting' &&
    !(same(was.fitting, is.fitting) && same(was.styles, is.styles))
  return [
    ...(same(around(was), around(is))
      ? []
      : [{ what: 'around', ...called, before: was.heading, after: is.heading } as const]),
    ...(isOther ? [{ what: 'fitting', ...called } as const] : []),
  ]
}

/** Of the listings of both, those that show something else, each once. */
function listingChanges(before: PageDocument, after: PageDocument, words: Words): readonly PageChange[] {
  const shown = new Set(
    placementsOf(after.page).flatMap((one) => (one.kind === 'listing' ? [one.listing] : [])),
  )
  return [...shown].flatMap((listing): readonly PageChange[] => {
    const [was, is] = [before.listings[listing], after.listings[listing]]
    if (was === undefined || is === undefined || same(was, is)) return []
    return changesOfListing(listing, was, is, words)
  })
}

/** What is different in a listing by that id. */
export function changesOfListing(
  listing: string,
  was: Listing,
  is: Listing,
  words: Words,
): readonly PageChange[] {
  const said = (one: Listing) => sentenceText(sentenceOf(one, words))
  const renamed =
    was.name === is.name
      ? []
      : [{ what: 'renamed', name: is.name, listing, before: was.name, after: is.name } as const]
  if (same({ ...was, name: is.name }, is)) return renamed
  const [before, after] = [said(was), said(is)]
  return [
    ...renamed,
    before === after
      ? { what: 'card', name: is.name, listing }
      : { what: 'listing', name: is.name, listing, before, after },
  ]
}
