import { readsText } from '../../core/cards/card'
import { partKey } from '../../core/cards/parts'
import type { Listing } from '../../core/listing/definition'
import type { Page, Placement } from '../../core/pages/definition'
import { areaOf, frames } from '../../core/pages/frames'
import type { AreaName } from '../../core/pages/frames'
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
  const areas = await Promise.all(
    frames.get(page.frame).areas.map(async (area) => {
      const placed = page.areas[area.name].map((placement) =>
        placementView(
          db,
          known,
          {
            page,
            area: area.name,
            placement,
            listing: listings.get(placement.listing),
            shown: shown.get(placement.id),
          },
          asked.now,
          query,
        ),
      )
      const views = await Promise.all(placed)
      return { name: area.name, views: views.filter((view) => view !== null) }
    }),
  )
  const viewsIn = (name: AreaName) => areas.find((area) => area.name === name)?.views ?? []
  return {
    kind: 'listings',
    title: page.title,
    introduction: page.introduction,
    frame: page.frame,
    areas: { main: viewsIn('main'), side: viewsIn('side') },
  }
}

/** Where a placement stands, and what it is answered with. */
export interface Placing {
  readonly page: Page
  readonly area: AreaName
  readonly placement: Placement
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
  const { page, placement, listing, shown } = placing
  const area = areaOf(page.frame, placing.area)
  if (listing === undefined || area === undefined) return null
  const entries = await cardEntries(db, shown?.ids ?? [], {
    zone: site.zone,
    picks: listing.from.by === 'hand' ? listing.from.picks : [],
    text: readsText(listing.card),
  })
  const isFirst =
    frames.get(page.frame).areas[0]?.name === placing.area && page.areas[placing.area][0]?.id === placement.id
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
