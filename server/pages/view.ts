import { filledParts, frameOf, partsAt, readsText } from '../../core/cards/card'
import type { Card } from '../../core/cards/card'
import { partKey, parts } from '../../core/cards/parts'
import type { PartSetting } from '../../core/cards/parts'
import type { CardContext, CardEntry } from '../../core/cards/card-entry'
import type { Listing } from '../../core/listing/definition'
import { shownFrom } from '../../core/listing/amount'
import { amountCss } from '../../core/listing/amount-css'
import type { Page, Placement } from '../../core/pages/definition'
import { areaOf, frames } from '../../core/pages/frames'
import type { AreaName } from '../../core/pages/frames'
import type { Area } from '../../core/pages/frames/define'
import { sizesOf } from '../../core/pictures/sizes'
import { pictureWidthsOf, shapeOf } from '../../core/shapes'
import { groupsOf } from '../../core/shapes/grouping'
import type { CardView, ListingPageView, PlacementView } from '../../site/view'
import type { Words } from '../../core/words'
import type { Db } from '../db/client'
import type { ListingAsker, ShownPage } from '../listings/ask'
import { cardEntries } from '../listings/card-entries'
import type { Asked, KnownSite } from '../listings/context'
import { listingTrouble } from '../listings/troubles'
import { pageAddress, pageName, pagesOf } from './page-subject'

/** The listings of a page by id. */
export type Listings = ReadonlyMap<string, Listing>

/** A page with its listings, to be answered. */
export interface AskedPage {
  readonly page: Page
  readonly listings: Listings
}

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

/** What a placement shows, and what listings above it on the page show. */
export interface ShownPlacement extends ShownPage {
  readonly above: readonly number[]
  /** Why nothing is shown, where the listing could not be answered. */
  readonly trouble?: string
}

/**
 * What every placement of a page shows. All listings are asked at once, save where one leaves out
 * what is shown above it: then they are asked in page order.
 */
export async function shownOnPage(
  asker: ListingAsker,
  { page, listings }: AskedPage,
  asked: Asked,
  pages: ReadonlyMap<string, string> = new Map(),
): Promise<ReadonlyMap<string, ShownPlacement>> {
  const cursorOf = (id: string) => pages.get(pageName(id)) ?? null
  const placed = frames.get(page.frame).areas.flatMap((area) =>
    page.areas[area.name].flatMap((placement) => {
      const listing = listings.get(placement.listing)
      return listing === undefined ? [] : [{ id: placement.id, listing }]
    }),
  )
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
    above.push(...answer.ids)
  }
  return shown
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
    return { ids: [], before: 0, next: null, trouble: listingTrouble(error) }
  }
}

/** Whether a listing leaves out what listings above it show. */
export function leavesOutAbove(listing: Listing): boolean {
  return listing.from.leaveOut.includes('shownAbove')
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

/** What a part is called at the head of a table: a field by its own name. */
function columnTitle(part: PartSetting, words: Words): string {
  const field = 'field' in part && part.field !== undefined ? words.field(part.field) : undefined
  return field?.name ?? parts.get(part.part).title
}

/** The cards of a listing that fills an area. The first row of the first listing is what is seen at once. */
function cardViews(
  area: Area,
  listing: Listing,
  entries: readonly CardEntry[],
  place: Omit<CardContext, 'sizes' | 'atOnce'>,
  isFirst: boolean,
): readonly CardView[] {
  const { card, shape } = listing
  const row = Math.max(
    ...shapeOf(shape)
      .cardWidths(shape)
      .map((width) => Math.floor(width.parts)),
  )
  const sizesFor = new Map<number, string>()
  return entries.map((entry, at) => {
    const shown = partsAt(card, at)
    const { share } = frameOf(shown)
    const sizes = sizesFor.get(share) ?? sizesOf(area, pictureWidthsOf(shape, share))
    sizesFor.set(share, sizes)
    return {
      ...cardView(entry, card, shown, { ...place, sizes, atOnce: isFirst && at < row }),
      from: shownFrom(listing.amount, at),
    }
  })
}

/** A card of these parts with an entry in it. */
export function cardView(
  entry: CardEntry,
  { links, newTab }: Pick<Card, 'links' | 'newTab'>,
  shown: readonly PartSetting[],
  context: CardContext,
): CardView {
  return {
    entryId: entry.id,
    title: entry.title,
    address: links ? entry.address : null,
    newTab,
    from: 0,
    frame: frameOf(shown),
    parts: filledParts(shown, entry, context),
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
  return [shapeOf(shape).css(shape, selector), ...amountCss(amount, `[data-placement="${id}"]`)].join('\n')
}
