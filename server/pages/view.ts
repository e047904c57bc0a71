import { filledParts } from '../../core/cards/parts'
import type { Listing } from '../../core/listing/definition'
import { amountCss } from '../../core/listing/amount-css'
import type { Page, Placement } from '../../core/pages/definition'
import { areaOf, frames } from '../../core/pages/frames'
import type { AreaName } from '../../core/pages/frames'
import { sizesOf } from '../../core/pictures/sizes'
import { shapeOf } from '../../core/shapes'
import type { ListingPageView, PlacementView } from '../../site/view'
import type { Db } from '../db/client'
import type { ListingAsker, ShownPage } from '../listings/ask'
import { cardEntries } from '../listings/card-entries'
import type { Asked } from '../listings/context'
import type { Site } from '../site/site'
import { pageAddress, pageName, pagesOf } from './page-subject'

/** The listings of a page by id. */
export type Listings = ReadonlyMap<string, Listing>

/** A page with its listings, to be answered. */
export interface AskedPage {
  readonly page: Page
  readonly listings: Listings
}

/** A page with every listing answered, ready to be rendered. */
export async function listingPageView(db: Db, asker: ListingAsker, { page, listings }: AskedPage, asked: Asked, query = new URLSearchParams()): Promise<ListingPageView> {
  const { site } = await asker.known()
  const shown = await shownOnPage(asker, { page, listings }, asked, pagesOf(query))
  const areas = await Promise.all(
    frames.get(page.frame).areas.map(async (area) => {
      const placed = page.areas[area.name].map((placement) =>
        placementView(db, site, page, area.name, placement, listings.get(placement.listing), shown.get(placement.id), query),
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

/** What a placement shows, and what listings above it on the page show. */
export interface ShownPlacement extends ShownPage {
  readonly above: readonly number[]
}

/**
 * What every placement of a page shows. All listings are asked at once, save where one leaves out
 * what is shown above it: then they are asked in page order.
 */
export async function shownOnPage(asker: ListingAsker, { page, listings }: AskedPage, asked: Asked, pages: ReadonlyMap<string, string> = new Map()): Promise<ReadonlyMap<string, ShownPlacement>> {
  const cursorOf = (id: string) => pages.get(pageName(id)) ?? null
  const placed = frames.get(page.frame).areas.flatMap((area) =>
    page.areas[area.name].flatMap((placement) => {
      const listing = listings.get(placement.listing)
      return listing === undefined ? [] : [{ id: placement.id, listing }]
    }),
  )
  if (!placed.some(({ listing }) => leavesOutAbove(listing))) {
    const answers = await Promise.all(placed.map(async ({ id, listing }) => [id, { ...(await asker.shown(listing, asked, [], cursorOf(id))), above: [] }] as const))
    return new Map(answers)
  }
  const shown = new Map<string, ShownPlacement>()
  const above: number[] = []
  for (const { id, listing } of placed) {
    const before = leavesOutAbove(listing) ? [...above] : []
    const answer = await asker.shown(listing, asked, before, cursorOf(id))
    shown.set(id, { ...answer, above: before })
    above.push(...answer.ids)
  }
  return shown
}

/** Whether a listing leaves out what listings above it show. */
export function leavesOutAbove(listing: Listing): boolean {
  return listing.from.leaveOut.includes('shownAbove')
}

/** One placement with the entries it shows; null when its listing is not there. */
export async function placementView(
  db: Db,
  site: Site,
  page: Page,
  areaName: AreaName,
  placement: Placement,
  listing: Listing | undefined,
  shown: ShownPage | undefined,
  query = new URLSearchParams(),
): Promise<PlacementView | null> {
  const area = areaOf(page.frame, areaName)
  if (listing === undefined || area === undefined) return null
  const sizes = sizesOf(area, shapeOf(listing.shape).cardWidths(listing.shape))
  const entries = await cardEntries(db, shown?.ids ?? [], site.zone, listing.from.by === 'hand' ? listing.from.picks : [])
  return {
    id: placement.id,
    heading: placement.heading,
    name: listing.name,
    shape: listing.shape,
    amount: listing.amount,
    first: shown !== undefined && shown.before > 0 ? pageAddress(placement.id, null, query) : null,
    next: shown !== undefined && shown.next !== null ? pageAddress(placement.id, shown.next, query) : null,
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
export function placementCss({ id, shape, amount }: PlacementView): string {
  const selector = `[data-placement="${id}"] .${shape.name}`
  return [shapeOf(shape).css(shape, selector), ...amountCss(amount, selector)].join('\n')
}
