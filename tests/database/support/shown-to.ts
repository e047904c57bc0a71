import { randomUUID } from 'node:crypto'
import type { Listing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import { spotsOf } from '~~/core/pages/standing'
import type { Db } from '~~/server/db/client'
import { askingAnew } from '~~/server/listings/ask'
import { listingPageView } from '~~/server/pages/view'
import { listingViewsOf } from '~~/site/view'
import type { PlacedListingView } from '~~/site/view'

/** What a visitor is shown of a listing that stands alone on a page, at an address of that. */
export async function shownTo(
  db: Db,
  now: number,
  listing: Listing,
  address: string,
): Promise<PlacedListingView> {
  const page = newPage('Notes', '', 'one-column')
  const id = randomUUID()
  const placement = { kind: 'listing', id, listing: id, heading: '' } as const
  const asked = {
    page: withPlacementsAt(page, spotsOf(page)[0] ?? 'shelf', [placement]),
    listings: new Map([[id, listing]]),
  }
  const query = new URLSearchParams(address.replace(/#.*/, ''))
  const view = await listingPageView(db, askingAnew(db), asked, { now, page: null, visit: '' }, query)
  const [shown] = listingViewsOf(view)
  if (shown === undefined) throw new Error('Nothing is shown.')
  return shown
}
