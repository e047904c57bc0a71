import type { Page, Parked, Placement } from './definition'
import { standingOn } from './standing'

/** A placement as it stands: where it stood before does not matter any more. */
export function unparked(placement: Placement): Placement {
  const { parked, ...standing } = placement
  return parked === undefined ? placement : standing
}

/** Where a thing stands on a page; null where visitors don't see it. */
export function placeOf(page: Page, placementId: string): Omit<Parked, 'until'> | null {
  const found = standingOn(page).find((one) => one.placement.id === placementId)
  if (found === undefined) return null
  const { area, band, column } = found
  return {
    area: area.name,
    band: band.id,
    column: band.columns.indexOf(column),
    at: column.placements.findIndex((one) => one.id === placementId),
  }
}
