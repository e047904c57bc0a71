import type { Listing } from '../../core/listing/definition'
import { visitedListing } from '../../core/listing/visited'
import type { Page } from '../../core/pages/definition'
import { askOf, askedFor, noAsk } from '../../core/pages/asks'
import { pageOfListing } from '../../core/pages/page-of-listing'
import type { PageAsked } from '../../core/query/page-asked'
import type { PageAsk } from '../../core/pages/asks'
import type { FurnitureName } from '../../core/pages/shared-address'
import { shownListingsOf } from '../../core/pages/standing'
import { asksOf, choicesIn, withUnknown } from '../../core/visitors/choices'
import type { Choices } from '../../core/visitors/choices'
import type { VisitorAsk } from '../../core/rules/context'
import type { NavigationLink } from '../../core/navigation'
import type { ListingAsker } from '../listings/ask'
import { siteAsked } from '../listings/context'
import type { Asked } from '../listings/context'
import type { ShownPage } from '../listings/shown-page'
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
  /** The listing as a visitor has it: in the order, and so many at once, that they chose. */
  readonly visited: Listing
  /** Which page of it was asked for. */
  readonly page: PageAsked
  /** Whether all of it stands at every width. */
  readonly isWhole: boolean
  readonly above: readonly number[]
  /** What a visitor chose by its controls. */
  readonly choices: Choices
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
  const known = await asker.known()
  const placed = shownListingsOf(page).flatMap(({ id, listing: of }) => {
    const listing = listings.get(of)
    return listing === undefined ? [] : [{ id, listing }]
  })
  const answer = async ({ id, listing }: (typeof placed)[number], above: readonly number[]) => {
    const asking = (parameter: string) => askedFor(ask, id, parameter)
    const choices = choicesIn(listing.visitors.controls, asking, known.named)
    const visited = visitedListing(listing, choices.chosen)
    const { page, isWhole, unknown } = pageOfListing(askOf(ask, id), visited.amount)
    const by = choices.chosen.length === 0 ? asker : asker.unkept()
    const shown = await shownOrNothing(by, visited, asked, {
      above,
      asks: asksOf(choices.chosen, siteAsked(known, listing)),
      page,
    })
    const answer = { ...shown, visited, page, isWhole, above, choices: withUnknown(choices, unknown) }
    return [id, answer] as const
  }
  if (!placed.some(({ listing }) => leavesOutAbove(listing)))
    return new Map(await Promise.all(placed.map((one) => answer(one, []))))
  const shown = new Map<string, ShownPlacement>()
  const above: number[] = []
  for (const one of placed) {
    const [id, found] = await answer(one, leavesOutAbove(one.listing) ? [...above] : [])
    shown.set(id, found)
    above.push(...found.rows.map((row) => row.id))
  }
  return shown
}

/** How a listing is asked on its page: below which entries, for what of it, and what visitors' choices ask. */
interface HowAsked extends Pick<ShownPlacement, 'above'> {
  readonly page: PageAsked
  readonly asks: readonly VisitorAsk[]
}

/** What a listing shows; nothing, and why, where it can't be answered. */
async function shownOrNothing(
  asker: ListingAsker,
  listing: Listing,
  asked: Asked,
  { above, asks, page }: HowAsked,
): Promise<ShownPage & { readonly trouble?: string }> {
  try {
    return await asker.shown(listing, asked, above, page, asks)
  } catch (error) {
    return { rows: [], before: 0, previous: null, next: null, later: null, trouble: listingTrouble(error) }
  }
}

/** Whether a listing leaves out what listings above it show. */
export function leavesOutAbove(listing: Listing): boolean {
  return listing.from.leaveOut.includes('shownAbove')
}
