import type { PageDocument } from '../edits/document'
import { ownPlacement } from './copy'
import { newBand } from './bands/definition'
import type { Band } from './bands/definition'
import { nextBandId, withEveryArea } from './definition'
import type { Page } from './definition'
import { frames } from './frames'
import { parked } from './moves'
import { placementsIn } from './standing'
import type { AreaName } from './frames'

/** The number of the shared area that stands in an area of the page; undefined where it is the page’s own. */
export function sharedIn(page: Page, area: AreaName): number | undefined {
  return page.shared?.[area]
}

/** The shared areas that visitors of a page see, by their numbers. */
export function sharedOn(page: Page): readonly number[] {
  return frames.get(page.frame).areas.flatMap(({ name }) => sharedIn(page, name) ?? [])
}

/** A shared area as the document that it is kept as: the frame of the page it comes from, and the area. */
export function sharedAreaPage(page: Page, area: AreaName, title: string): Page {
  const areas = { [area]: page.areas[area] ?? [] }
  return withEveryArea({
    version: page.version,
    title,
    introduction: '',
    frame: page.frame,
    only: area,
    areas,
    shelf: [],
  })
}

/**
 * The page with a shared area in one of its areas. What stood there is not on the page any more: it is up to
 * the caller to have it in the shared area, or on the shelf.
 */
export function withShared(page: Page, area: AreaName, id: number): Page {
  return withEveryArea({
    ...page,
    areas: { ...page.areas, [area]: [] },
    shared: { ...page.shared, [area]: id },
  })
}

/**
 * The page with a shared area in place of what stands in one of its own: that goes to the shelf, before
 * what lies there.
 */
export function withSharedInstead(page: Page, area: AreaName, id: number): Page {
  const stranded = placementsIn(page, area).map((one) => parked(page, one))
  return withShared({ ...page, shelf: [...stranded, ...page.shelf] }, area, id)
}

/** The page with an area of its own in place of a shared one, with nothing in it. */
export function withoutShared(page: Page, area: AreaName): Page {
  const { shared = {}, ...own } = page
  const others = Object.entries(shared).filter(([name]) => name !== area)
  return others.length === 0 ? own : { ...own, shared: Object.fromEntries(others) }
}

/**
 * A page that steps out of a shared area with a copy of what visitors see there, with listings of its own.
 * `nextId` gives a new UUID.
 */
export function steppedOut(
  { page, listings }: PageDocument,
  area: AreaName,
  shared: PageDocument,
  nextId: () => string,
): PageDocument {
  // What lies on the area’s own shelf stays there.
  const placed = placementsIn(shared.page, area).flatMap((one) => (one.kind === 'listing' ? one.listing : []))
  const ids = new Map([...new Set(placed)].map((id) => [id, nextId()]))
  const own = withoutShared(page, area)
  const first = nextBandId(own)
  const bands = (shared.page.areas[area] ?? []).map((band, at) => ({
    ...band,
    id: first + at,
    columns: band.columns.map((column) => ({
      ...column,
      placements: column.placements.map((one) => ownPlacement(one, ids, nextId)),
    })),
  }))
  return {
    page: withEveryArea({ ...own, areas: { ...own.areas, [area]: bands } }),
    listings: {
      ...listings,
      ...Object.fromEntries(
        Object.entries(shared.listings).flatMap(([id, listing]) => {
          const copy = ids.get(id)
          return copy === undefined ? [] : [[copy, listing]]
        }),
      ),
    },
  }
}

/** Bands of a page have numbers up to this; those of shared areas that stand on it come after. */
const lastOwnBand = 1_000_000
/** More bands than an area has. */
const bandsOfArea = 100

function firstBandOf(id: number): number {
  return lastOwnBand + id * bandsOfArea
}

/** Bands of the shared area of that number, with numbers that no band of a page around them has. */
function renumbered(bands: readonly Band[], id: number): readonly Band[] {
  return bands.map((band, at) => ({ ...band, id: firstBandOf(id) + at }))
}

/** A shared area of that number as it stands around pages: with bands of other numbers than theirs. */
export function aroundPages(area: Page, id: number): Page {
  const areas = Object.entries(area.areas).map(([name, bands]) => [name, renumbered(bands, id)] as const)
  return { ...area, areas: Object.fromEntries(areas) }
}

/**
 * The page as visitors see it: with what stands in its shared areas, by their numbers. Of one that is not
 * among them, and so is gone, nothing stands there.
 */
export function withSharedShown(page: Page, shown: ReadonlyMap<number, Page>): Page {
  const { shared, ...own } = page
  if (shared === undefined) return page
  const areas = frames.get(page.frame).areas.flatMap(({ name }) => {
    const id = shared[name]
    if (id === undefined) return []
    const bands = renumbered(shown.get(id)?.areas[name] ?? [], id)
    return [[name, bands.length === 0 ? [newBand(firstBandOf(id))] : bands] as const]
  })
  return { ...own, areas: { ...page.areas, ...Object.fromEntries(areas) } }
}
