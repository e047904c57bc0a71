import type { PartSetting } from '../cards/parts'
import type { Band, Column } from './bands/definition'
import { columnBox } from './bands/geometry'
import type { Page, PlacedListing, Placement, Spot } from './definition'
import { frames } from './frames'
import type { Area, AreaName, Box } from './frames'

/** A column of a page, where it stands. */
export interface StandingColumn {
  readonly area: Area & { readonly name: AreaName }
  readonly band: Band
  readonly column: Column
  readonly spot: Spot
  /** How wide it is. */
  readonly box: Box
}

/** A placement where visitors see it. */
export interface Standing<Kind extends Placement = Placement> extends StandingColumn {
  readonly placement: Kind
}

/** The spot of a column by its place in its band. */
export function columnSpot(band: Pick<Band, 'id'>, at: number): Spot {
  return `${band.id}/${at}`
}

/** The areas of a page, in page order; of a shared area itself. */
export function areasOf({ frame, only }: Pick<Page, 'frame' | 'only'>): readonly StandingColumn['area'][] {
  return frames.get(frame).areas.filter((area) => only === undefined || area.name === only)
}

/**
 * The columns of a page, in page order. Whatever walks a page goes by this. Areas that are shared have
 * none of their own.
 */
export function columnsOn(page: Page): readonly StandingColumn[] {
  return areasOf(page).flatMap((area) =>
    (page.shared?.[area.name] === undefined ? (page.areas[area.name] ?? []) : []).flatMap((band) =>
      band.columns.map((column, at) => ({
        area,
        band,
        column,
        spot: columnSpot(band, at),
        box: columnBox(area, band, at),
      })),
    ),
  )
}

/** What visitors see on a page and where, in page order. */
export function standingOn(page: Page): readonly Standing[] {
  return columnsOn(page).flatMap((one) => one.column.placements.map((placement) => ({ ...one, placement })))
}

/** The listings that visitors see on a page and where, in page order. */
export function listingsStandingOn(page: Page): readonly Standing<PlacedListing>[] {
  return standingOn(page).flatMap((one) =>
    one.placement.kind === 'listing' ? [{ ...one, placement: one.placement }] : [],
  )
}

/** The placed listings that visitors see, in page order. */
export function shownListingsOf(page: Page): readonly PlacedListing[] {
  return listingsStandingOn(page).map((one) => one.placement)
}

/** The parts in which the entry stands on its own page. */
export function entryPartsOn(page: Page): readonly PartSetting[] {
  return standingOn(page).flatMap(({ placement }) =>
    placement.kind === 'fitting' && placement.fitting.name === 'entry' ? placement.fitting.parts : [],
  )
}

/** Every placed listing of the page in page order, the shelf last. */
export function placedListingsOf(page: Page): readonly PlacedListing[] {
  return placementsOf(page).filter((one) => one.kind === 'listing')
}

/** Every placement of the page in page order, the shelf last. */
export function placementsOf(page: Page): readonly Placement[] {
  return [...standingOn(page).map((one) => one.placement), ...page.shelf]
}

/** The spots of a page: the columns of its bands, in page order, and the shelf. */
export function spotsOf(page: Page): readonly Spot[] {
  return [...columnsOn(page).map((one) => one.spot), 'shelf']
}

/** Where a placement is, or null when it is not on the page. */
export function spotOf(page: Page, placementId: string): Spot | null {
  return spotsOf(page).find((spot) => placementsAt(page, spot).some((one) => one.id === placementId)) ?? null
}

/** What stands at a spot; nothing where the page has none of that name. */
export function placementsAt(page: Page, spot: Spot): readonly Placement[] {
  if (spot === 'shelf') return page.shelf
  return columnsOn(page).find((one) => one.spot === spot)?.column.placements ?? []
}

/** What stands in an area of the page itself, in page order. */
export function placementsIn(page: Page, area: AreaName): readonly Placement[] {
  return (page.areas[area] ?? []).flatMap((band) => band.columns.flatMap((column) => column.placements))
}
