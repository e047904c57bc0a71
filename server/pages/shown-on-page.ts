import type { Listing } from '../../core/listing/definition'
import type { Page } from '../../core/pages/definition'
import { askOf, noAsk } from '../../core/pages/asks'
import type { PageAsk } from '../../core/pages/asks'
import type { FurnitureName } from '../../core/pages/shared-address'
import { shownListingsOf } from '../../core/pages/standing'
import type { NavigationLink } from '../../core/navigation'
import type { ListingAsker, ShownPage } from '../listings/ask'
import type { Asked } from '../listings/context'
import { listingTrouble } from '../listings/troubles'

/** The listings of a page by id. */
export type Listings = ReadonlyMap<string, Listing>

/** A page with its listings, to be answered. */
export interface AskedPage {
  readonly page: Page
  readonly listings: Listings
  /** The way to it from the front page, where that is known. */
  readonly trail?: readonly NavigationLink[]
  /** Where it stands around the page that the address is of; nothing for that page itself. */
  readonly around?: FurnitureName
}

/** What a placement shows, and what listings above it on the page show. */
export interface ShownPlacement extends ShownPage {
  readonly above: readonly number[]
  /** Why nothing is shown, where the listing could not be answered. */
  readonly trouble?: string
}

/**
 * What every listing placed on a page shows. All listings are asked at once, save where one leaves out
 * what is shown above it: then they are asked in page order.
 */
export async function shownOnPage(
  asker: ListingAsker,
  { page, listings }: AskedPage,
  asked: Asked,
  ask: PageAsk = noAsk,
): Promise<ReadonlyMap<string, ShownPlacement>> {
  const cursorOf = (id: string) => cursorIn(ask, id)
  const placed = shownListingsOf(page).flatMap((placement) => {
    const listing = listings.get(placement.listing)
    return listing === undefined ? [] : [{ id: placement.id, listing }]
  })
  if (!placed.some(({ listing }) => leavesOutAbove(listing))) {
    const answers = await Promise.all(
      placed.map(
        async ({ id, listing }) =>
          [id, { ...(await shownOrNothing(asker, listing, asked, [], cursorOf(id))), above: [] }] as const,
      ),
    )
    return new Map(answers)
  }
  const shown = new Map<string, ShownPlacement>()
  const above: number[] = []
  for (const { id, listing } of placed) {
    const before = leavesOutAbove(listing) ? [...above] : []
    const answer = await shownOrNothing(asker, listing, asked, before, cursorOf(id))
    shown.set(id, { ...answer, above: before })
    above.push(...answer.rows.map((row) => row.id))
  }
  return shown
}

/** Where what is asked of a placement begins: a page of it, or what it is turned to; null for its beginning. */
export function cursorIn(ask: PageAsk, id: string): string | null {
  const { after, turn } = askOf(ask, id)
  return turn ?? after
}

/** What a listing shows; nothing, and why, where it can't be answered. */
async function shownOrNothing(
  asker: ListingAsker,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  cursor: string | null,
): Promise<Omit<ShownPlacement, 'above'>> {
  try {
    return await asker.shown(listing, asked, above, cursor)
  } catch (error) {
    return { rows: [], before: 0, next: null, later: null, trouble: listingTrouble(error) }
  }
}

/** Whether a listing leaves out what listings above it show. */
export function leavesOutAbove(listing: Listing): boolean {
  return listing.from.leaveOut.includes('shownAbove')
}
