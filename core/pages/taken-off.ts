import type { Page, Placement } from './definition'
import { parked, withPlacementsAt } from './moves'
import { withReturned } from './parking'
import { placedListingsOf, placementsAt, spotOf } from './standing'

/** A thing that was taken off a page, with what putting it back needs. */
export interface TakenThing {
  /** As it lay on the shelf, or would lie there: with where it stood. */
  readonly placement: Placement
  /** Its position on the shelf; null where it stood on the page. */
  readonly onShelf: number | null
}

/** The page without a listing, wherever it stands on it or lies on its shelf, and what went. */
export function withoutListing(
  page: Page,
  listing: string,
): { readonly page: Page; readonly taken: readonly TakenThing[] } {
  const gone = placedListingsOf(page).filter((one) => one.listing === listing)
  const taken = gone.map((one): TakenThing => {
    const onShelf = page.shelf.findIndex((other) => other.id === one.id)
    return onShelf === -1 ? { placement: parked(page, one), onShelf: null } : { placement: one, onShelf }
  })
  return { page: gone.reduce(withoutPlacement, page), taken }
}

function withoutPlacement(page: Page, { id }: Placement): Page {
  const spot = spotOf(page, id)
  if (spot === null) return page
  return withPlacementsAt(
    page,
    spot,
    placementsAt(page, spot).filter((one) => one.id !== id),
  )
}

/** The page with things back that were taken off it: where they were, or as `withReturned` says. */
export function withPutBack(page: Page, taken: readonly TakenThing[]): Page {
  return taken.reduce((before, { placement, onShelf }) => {
    if (spotOf(before, placement.id) !== null) return before
    const shelf = before.shelf.toSpliced(onShelf ?? 0, 0, placement)
    const shelved = { ...before, shelf }
    return onShelf === null ? withReturned(shelved, placement.id) : shelved
  }, page)
}
