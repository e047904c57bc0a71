import { same } from '../same'
import type { Page, PlacedFitting } from './definition'
import { withPlacementChanged } from './moves'
import { placementsOf } from './standing'

/** The fittings of a page, in page order, the shelf last. */
export function fittingsOn(page: Page): readonly PlacedFitting[] {
  return placementsOf(page).filter((one) => one.kind === 'fitting')
}

/** The fittings that look otherwise than before, where nothing else of the page changed; null where more did. */
export function restyledFittings(before: Page, after: Page): readonly PlacedFitting[] | null {
  if (before === after) return []
  const was = new Map(fittingsOn(before).map((one) => [one.id, one.styles]))
  const restyled = fittingsOn(after).filter(({ id, styles }) => !same(was.get(id), styles))
  const asBefore = restyled.reduce(
    (page, { id }) => withPlacementChanged(page, id, (one) => ({ ...one, styles: was.get(id) })),
    after,
  )
  return same(before, asBefore) ? restyled : null
}
