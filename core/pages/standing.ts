import type { Page, Placement, Spot } from './definition'
import { frames } from './frames'
import type { Area, AreaName } from './frames'

/** A placement where visitors see it. */
export interface Standing {
  readonly area: Area & { readonly name: AreaName }
  readonly placement: Placement
}

/** What visitors see on a page and where, in page order. Whatever walks a page goes by this. */
export function standingOn(page: Page): readonly Standing[] {
  return frames
    .get(page.frame)
    .areas.flatMap((area) => placementsAt(page, area.name).map((placement) => ({ area, placement })))
}

/** The placements that visitors see, in page order. */
export function shownPlacementsOf(page: Page): readonly Placement[] {
  return standingOn(page).map((one) => one.placement)
}

/** Every placement of the page in page order, the shelf last. */
export function placementsOf(page: Page): readonly Placement[] {
  return [...shownPlacementsOf(page), ...page.shelf]
}

/** The spots of a page: the areas of its frame, in page order, and the shelf. */
export function spotsOf(page: Page): readonly Spot[] {
  return [...frames.get(page.frame).areas.map((area) => area.name), 'shelf']
}

/** Where a placement is, or null when it is not on the page. */
export function spotOf(page: Page, placementId: string): Spot | null {
  return spotsOf(page).find((spot) => placementsAt(page, spot).some((one) => one.id === placementId)) ?? null
}

/** What stands at a spot. */
export function placementsAt(page: Page, spot: Spot): readonly Placement[] {
  return spot === 'shelf' ? page.shelf : (page.areas[spot] ?? [])
}
