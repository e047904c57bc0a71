import { readsText } from '../../core/cards/card'
import { partKey } from '../../core/cards/parts'
import type { Listing } from '../../core/listing/definition'
import type { Page } from '../../core/pages/definition'
import { frames } from '../../core/pages/frames'
import { standingOn } from '../../core/pages/standing'
import type { Standing } from '../../core/pages/standing'
import { shapeOf } from '../../core/shapes'
import { groupsOf } from '../../core/shapes/grouping'
import type { ListingPageView, PlacementView } from '../../site/view'
import type { Db } from '../db/client'
import type { ListingAsker, ShownPage } from '../listings/ask'
import { cardEntries } from '../listings/card-entries'
import type { Asked, KnownSite } from '../listings/context'
import { cardViews, columnTitle } from './card-views'
import { pageAddress, pagesOf } from './page-subject'
import { shownOnPage } from './shown-on-page'
import type { AskedPage, ShownPlacement } from './shown-on-page'

/** A page with every listing answered, ready to be rendered. What is shown may be known already. */
export async function listingPageView(
  db: Db,
  asker: ListingAsker,
  { page, listings }: AskedPage,
  asked: Asked,
  query = new URLSearchParams(),
  answered?: ReadonlyMap<string, ShownPlacement>,
): Promise<ListingPageView> {
  const known = await asker.known()
  const shown = answered ?? (await shownOnPage(asker, { page, listings }, asked, pagesOf(query)))
  const views = await Promise.all(
    standingOn(page).map(async ({ area, placement }) => {
      const placing = {
        page,
        area,
        placement,
        listing: listings.get(placement.listing),
        shown: shown.get(placement.id),
      }
      return { area, view: await placementView(db, known, placing, asked.now, query) }
    }),
  )
  return {
    kind: 'listings',
    title: page.title,
    introduction: page.introduction,
    frame: page.frame,
    areas: frames.get(page.frame).areas.map((area) => ({
      name: area.name,
      placements: views.flatMap((one) => (one.area === area && one.view !== null ? [one.view] : [])),
    })),
  }
}

/** Where a placement stands, and what it is answered with. */
export interface Placing extends Standing {
  readonly page: Page
  readonly listing: Listing | undefined
  readonly shown: ShownPage | undefined
}

/**
 * One placement with the entries it shows; null when its listing is not there. `now` is epoch
 * milliseconds.
 */
export async function placementView(
  db: Db,
  { site, words }: Pick<KnownSite, 'site' | 'words'>,
  placing: Placing,
  now: number,
  query = new URLSearchParams(),
): Promise<PlacementView | null> {
  const { page, area, placement, listing, shown } = placing
  if (listing === undefined) return null
  const entries = await cardEntries(db, shown?.ids ?? [], {
    zone: site.zone,
    picks: listing.from.by === 'hand' ? listing.from.picks : [],
    text: readsText(listing.card),
  })
  const isFirst = standingOn(page)[0]?.placement.id === placement.id
  const cards = cardViews(
    area,
    listing,
    entries,
    {
      locale: site.locale,
      zone: site.zone,
      placeholder: site.placeholder,
      field: words.field,
      termNow: words.termNow,
      now,
    },
    isFirst,
  )
  const grouping = shapeOf(listing.shape).grouping?.(listing.shape) ?? null
  return {
    id: placement.id,
    heading: placement.heading,
    name: listing.name,
    shape: listing.shape,
    amount: listing.amount,
    first: shown !== undefined && shown.before > 0 ? pageAddress(placement.id, null, query) : null,
    next: shown !== undefined && shown.next !== null ? pageAddress(placement.id, shown.next, query) : null,
    cards,
    columns: listing.card.parts
      .filter((part) => part.on)
      .map((part) => ({ key: partKey(part), part: part.part, title: columnTitle(part, words) })),
    groups:
      grouping === null
        ? []
        : groupsOf(grouping, entries, site).map(({ key, name, entries: own }) => ({
            key,
            name,
            cards: cards.filter((card) => own.some((entry) => entry.id === card.entryId)),
          })),
  }
}
