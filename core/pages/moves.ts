import type { Band, Column } from './bands/definition'
import { nextBandId, withEveryArea } from './definition'
import type { Page, Placement, Spot } from './definition'
import { areaOf } from './frames'
import type { AreaName, FrameName } from './frames'
import { placeOf, unparked } from './places'
import { columnsOn, placedListingsOf, placementsAt, placementsOf, spotOf, standingOn } from './standing'

/** The page with other placements at a spot. */
export function withPlacementsAt(page: Page, spot: Spot, placements: readonly Placement[]): Page {
  if (spot === 'shelf') return { ...page, shelf: placements }
  const found = columnsOn(page).find((one) => one.spot === spot)
  if (found === undefined) return page
  return withBandChanged(page, found.band.id, (band) => ({
    ...band,
    columns: band.columns.map((column) => (column === found.column ? { ...column, placements } : column)),
  }))
}

/** The page with a placement that stands there otherwise. */
export function withPlacementChanged(
  page: Page,
  placementId: string,
  change: (placement: Placement) => Placement,
): Page {
  const spot = spotOf(page, placementId)
  if (spot === null) return page
  const changed = placementsAt(page, spot).map((one) => (one.id === placementId ? change(one) : one))
  return withPlacementsAt(page, spot, changed)
}

/** The page with another listing wherever one stands, also on its shelf. */
export function withListingReplaced(page: Page, listing: string, other: string): Page {
  return placedListingsOf(page)
    .filter((one) => one.listing === listing)
    .reduce(
      (before, { id }) =>
        withPlacementChanged(before, id, (one) =>
          one.kind === 'listing' ? { ...one, listing: other } : one,
        ),
      page,
    )
}

/** The page with a placement moved to a spot, at a position counted after it was taken out. */
export function withPlacementMoved(page: Page, placementId: string, spot: Spot, at: number): Page {
  const from = spotOf(page, placementId)
  const moved = placementsOf(page).find((one) => one.id === placementId)
  if (from === null || moved === undefined) return page
  const without = withPlacementsAt(
    page,
    from,
    placementsAt(page, from).filter((one) => one.id !== placementId),
  )
  const own = spot !== 'shelf' ? unparked(moved) : from === 'shelf' ? moved : parked(page, moved)
  return withPlacementsAt(without, spot, placementsAt(without, spot).toSpliced(at, 0, own))
}

/** A thing that stands on the page as it lies on the shelf. */
export function parked(page: Page, placement: Placement): Placement {
  const place = placeOf(page, placement.id)
  return place === null ? placement : { ...placement, parked: place }
}

/**
 * The page in another frame. The bands of areas that both have stay; what has no area any more goes
 * to the shelf, before what lies there, with everything that is set for it.
 */
export function withFrame(page: Page, frame: FrameName): Page {
  const kept = withEveryArea({ ...page, frame })
  const stranded = strandedBy(page, frame).map((placement) => parked(page, placement))
  return { ...kept, shelf: [...stranded, ...page.shelf] }
}

/** What has no area any more where a page gets another frame, in page order. */
export function strandedBy(page: Page, frame: FrameName): readonly Placement[] {
  return standingOn(page).flatMap(({ area, placement }) =>
    areaOf(frame, area.name) === undefined ? [placement] : [],
  )
}

/** The page with a band that is otherwise. */
export function withBandChanged(page: Page, id: number, change: (band: Band) => Band): Page {
  return withBands(page, (bands) => bands.map((band) => (band.id === id ? change(band) : band)))
}

/** The page with a band after another of the same area that is set as that is, with nothing in it. */
export function withBandAfter(page: Page, id: number): Page {
  const next = nextBandId(page)
  return withBands(page, (bands) => {
    const at = bands.findIndex((band) => band.id === id)
    const before = bands[at]
    if (before === undefined) return bands
    const columns = before.columns.map((column) => ({ ...column, placements: [] }))
    return bands.toSpliced(at + 1, 0, { ...before, id: next, columns })
  })
}

/** The page with a band moved to an area, at a position counted after it was taken out. */
export function withBandMoved(page: Page, id: number, area: AreaName, at: number): Page {
  const moved = bandOn(page, id)
  const there = page.areas[area]
  if (moved === undefined || there === undefined || page.shared?.[area] !== undefined) return page
  const without = withBands(page, (bands) => bands.filter((band) => band.id !== id))
  const bands = (without.areas[area] ?? []).toSpliced(at, 0, moved)
  return withEveryArea({ ...without, areas: { ...without.areas, [area]: bands } })
}

/** The page without a band; what stood in it goes to the shelf, before what lies there. */
export function withoutBand(page: Page, id: number): Page {
  const standing = bandOn(page, id)?.columns.flatMap((column) => column.placements) ?? []
  const placements = standing.map((placement) => parked(page, placement))
  const without = withBands(page, (bands) => bands.filter((band) => band.id !== id))
  return withEveryArea({ ...without, shelf: [...placements, ...page.shelf] })
}

/**
 * The band with columns of so many parts. What stood in columns that it has no more goes to the end
 * of its last.
 */
export function withColumns(band: Band, parts: readonly number[]): Band {
  const columns = parts.map((one, at): Column => {
    const kept = band.columns[at]?.placements ?? []
    const more = at === parts.length - 1 ? band.columns.slice(parts.length) : []
    return { parts: one, placements: [...kept, ...more.flatMap((column) => column.placements)] }
  })
  return { ...band, columns }
}

/** The band of that number, wherever it is on the page. */
export function bandOn(page: Page, id: number): Band | undefined {
  return columnsOn(page).find((one) => one.band.id === id)?.band
}

function withBands(page: Page, change: (bands: readonly Band[]) => readonly Band[]): Page {
  const areas = Object.entries(page.areas).map(([name, bands]) => [name, change(bands)] as const)
  return { ...page, areas: Object.fromEntries(areas) }
}
