import { filledParts } from '../../core/cards/parts'
import type { Listing } from '../../core/listing/definition'
import type { Page, Placement } from '../../core/pages/definition'
import { areaOf, frames } from '../../core/pages/frames'
import type { AreaName } from '../../core/pages/frames'
import { sizesOf } from '../../core/pictures/sizes'
import { planOf } from '../../core/query/plan'
import { shapeOf } from '../../core/shapes'
import type { ListingPageView, PlacementView } from '../../site/view'
import type { Db } from '../db/client'
import { shownIds } from '../listings/answer'
import { cardEntries } from '../listings/card-entries'
import type { Site } from '../site/site'

/** The listings of a page by id. */
export type Listings = ReadonlyMap<string, Listing>

/** A page with every listing answered, ready to be rendered. `now` is epoch milliseconds. */
export async function listingPageView(
  db: Db,
  site: Site,
  page: Page,
  listings: Listings,
  now: number,
): Promise<ListingPageView> {
  const areas = await Promise.all(
    frames.get(page.frame).areas.map(async (area) => {
      const placed = page.areas[area.name].map((placement) =>
        placementView(db, site, page, area.name, placement, listings.get(placement.listing), now),
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

/** One placement, answered; null when its listing is not there. */
export async function placementView(
  db: Db,
  site: Site,
  page: Page,
  areaName: AreaName,
  placement: Placement,
  listing: Listing | undefined,
  now: number,
): Promise<PlacementView | null> {
  const area = areaOf(page.frame, areaName)
  if (listing === undefined || area === undefined) return null
  const ids = await shownIds(db, planOf(listing, { now, zone: site.zone }), site.locale)
  const sizes = sizesOf(area, shapeOf(listing.shape).cardWidths(listing.shape))
  const entries = await cardEntries(db, ids, site.zone)
  return {
    id: placement.id,
    heading: placement.heading,
    name: listing.name,
    shape: listing.shape,
    cards: entries.map((entry) => ({
      entryId: entry.id,
      title: entry.title,
      address: entry.address,
      parts: filledParts(listing.card, entry, { locale: site.locale, zone: site.zone, sizes }),
    })),
  }
}

/** The style rules that a page's listings ask for. */
export function listingCss(view: ListingPageView): string {
  return Object.values(view.areas)
    .flat()
    .map((placement) => placementCss(placement))
    .join('\n')
}

/** The style rules of one placement. */
export function placementCss(placement: PlacementView): string {
  return shapeOf(placement.shape).css(placement.shape, `[data-placement="${placement.id}"] .${placement.shape.name}`)
}
