import type { PageDocument } from '../edits/document'
import type { Placement } from './definition'
import { withPlacementsAt } from './moves'
import { placementsAt, spotsOf } from './standing'

/** A placement like another, of the listing that stands for its one; of the same where none does. */
export function ownPlacement(
  placement: Placement,
  listings: ReadonlyMap<string, string>,
  nextId: () => string,
): Placement {
  return placement.kind === 'listing'
    ? { ...placement, id: nextId(), listing: listings.get(placement.listing) ?? placement.listing }
    : { ...placement, id: nextId() }
}

/**
 * A page like another, with listings of its own: what is changed on one never shows on the other.
 * `nextId` gives a new UUID.
 */
export function copiedPage(
  { page, listings }: PageDocument,
  title: string,
  nextId: () => string,
): PageDocument {
  const ids = new Map(Object.keys(listings).map((id) => [id, nextId()]))
  const own = (placement: Placement) => ownPlacement(placement, ids, nextId)
  const copy = spotsOf(page).reduce(
    (done, spot) => withPlacementsAt(done, spot, placementsAt(page, spot).map(own)),
    { ...page, title },
  )
  return {
    page: copy,
    listings: Object.fromEntries(
      Object.entries(listings).map(([id, listing]) => [ids.get(id) ?? id, listing]),
    ),
  }
}
