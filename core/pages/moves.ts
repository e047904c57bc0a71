import type { Page, Placement, Spot } from './definition'
import { areaOf, frames } from './frames'
import type { FrameName } from './frames'
import { placementsAt, placementsOf, spotOf, standingOn } from './standing'

/** The page with other placements at a spot. */
export function withPlacementsAt(page: Page, spot: Spot, placed: readonly Placement[]): Page {
  return spot === 'shelf' ? { ...page, shelf: placed } : { ...page, areas: { ...page.areas, [spot]: placed } }
}

/** The page with a placement that stands there otherwise. */
export function withPlacementChanged(
  page: Page,
  placementId: string,
  change: Partial<Omit<Placement, 'id'>>,
): Page {
  const spot = spotOf(page, placementId)
  if (spot === null) return page
  const changed = placementsAt(page, spot).map((one) =>
    one.id === placementId ? { ...one, ...change } : one,
  )
  return withPlacementsAt(page, spot, changed)
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
  return withPlacementsAt(without, spot, placementsAt(without, spot).toSpliced(at, 0, moved))
}

/**
 * The page in another frame. What stands in areas that both have stays; what has no area any more
 * goes to the shelf, before what lies there, with everything that is set for it.
 */
export function withFrame(page: Page, frame: FrameName): Page {
  const { areas } = frames.get(frame)
  const kept = areas.map((area) => [area.name, placementsAt(page, area.name)] as const)
  const next = { ...page, frame, areas: Object.fromEntries(kept) }
  return { ...next, shelf: [...strandedBy(page, frame), ...page.shelf] }
}

/** What has no area any more where a page gets another frame, in page order. */
export function strandedBy(page: Page, frame: FrameName): readonly Placement[] {
  return standingOn(page).flatMap(({ area, placement }) =>
    areaOf(frame, area.name) === undefined ? [placement] : [],
  )
}
