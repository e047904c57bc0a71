import { opensOf, readsText } from '../../core/cards/card'
import { partKey } from '../../core/cards/parts'
import { isEmptyDocument } from '../../core/content/rich-text/document'
import type { RichText } from '../../core/content/rich-text/document'
import { htmlOfDocument } from '../../core/content/rich-text/html'
import type { Listing } from '../../core/listing/definition'
import { sharedCss, sharedStyles } from '../../core/listing/look'
import type { Page, PlacedFitting, PlacedListing, Placement } from '../../core/pages/definition'
import { listingCalendar } from '../../core/pages/calendar-file'
import { pressAddress } from '../../core/presses/press'
import { askOf, pageAsk, turnAddress } from '../../core/pages/asks'
import type { PageAsk } from '../../core/pages/asks'
import { listingBox } from '../../core/pages/bands/geometry'
import { frames } from '../../core/pages/frames'
import { pageOfListing } from '../../core/pages/page-of-listing'
import { anchorsOn, ownClass } from '../../core/pages/own-names'
import { columnsOn, shownListingsOf } from '../../core/pages/standing'
import type { Standing, StandingColumn } from '../../core/pages/standing'
import { noChoices } from '../../core/visitors/choices'
import type { Picture } from '../../core/pictures/picture'
import { shapeOf } from '../../core/shapes'
import { arrangementOf } from '../../core/shapes/arrangements'
import { toldClock } from '../../core/shapes/time-axis'
import { groupsOf } from '../../core/shapes/grouping'
import { shownPicture } from '../../core/pictures/shown'
import type {
  ListingPageView,
  PlacedFittingView,
  PlacedListingView,
  PlacedView,
  PlacementView,
} from '../../site/view'
import type { Db } from '../db/client'
import { visitorsView } from '../visitors'
import type { ControlsAsked } from '../visitors/asked'
import { compareMarks } from '../visitors/compare'
import { foundWords } from '../visitors/search'
import { fittingContent } from '../fittings'
import type { FittingAsked } from '../fittings'
import type { ListingAsker } from '../listings/ask'
import { cardEntries, picturesById } from '../listings/card-entries'
import { outermostTerms } from '../content/outermost-terms'
import { entryInFull } from '../listings/entry-in-full'
import { saysWhen } from '../listings/context'
import type { Asked, KnownSite } from '../listings/context'
import { cardContext, cardViews, columnTitle } from './card-views'
import { waysThrough } from './paging'
import { shownOnPage } from './shown-on-page'
import type { AskedPage, ShownPlacement } from './shown-on-page'

/** A page with every listing answered, ready to be rendered. What is shown may be known already. */
export async function listingPageView(
  db: Db,
  asker: ListingAsker,
  { page, listings, trail = [], around }: AskedPage,
  asked: Asked,
  query = new URLSearchParams(),
  answered?: ReadonlyMap<string, ShownPlacement>,
): Promise<ListingPageView> {
  const known = await asker.known()
  const ask = pageAsk(page, listings, query, around)
  const shown = answered ?? (await shownOnPage(asker, { page, listings }, asked, ask))
  const columns = columnsOn(page)
  const entry = entryAskedOnce(db, known, asked)
  const [pictures, ...placed] = await Promise.all([
    groundPictures(db, columns),
    ...columns.map(async (column) => ({ column, views: await columnViews(column) })),
  ])
  return {
    kind: 'listings',
    title: page.title,
    introduction: page.introduction,
    frame: page.frame,
    without: page.without ?? [],
    areas: frames.get(page.frame).areas.map((area) => ({
      name: area.name,
      bands: (page.areas[area.name] ?? []).flatMap((band) => {
        const own = placed.filter((one) => one.column.band === band).map((one) => one.views)
        const picture = band.background.is === 'picture' ? pictures.get(band.background.picture) : undefined
        const view = { band, picture: shownPicture(picture ?? null, groundRoom), columns: own }
        return own.some((views) => views.length > 0) ? [view] : []
      }),
    })),
  }

  async function columnViews(column: StandingColumn): Promise<readonly PlacementView[]> {
    const views = column.column.placements.map((placement) =>
      placement.kind === 'listing'
        ? placementView(
            db,
            known,
            {
              page,
              ...column,
              placement,
              listing: listings.get(placement.listing),
              shown: shown.get(placement.id),
            },
            { ...asked, asker, ask },
          )
        : fittingView(page, placement, {
            db,
            known,
            now: asked.now,
            box: column.box,
            trail,
            subject: asked.page,
            entry,
            listed: (listing) => listedHere(column, placement, listing),
          }),
    )
    return (await Promise.all(views)).filter((view) => view !== null)
  }

  /** What a listing shows in the place of a fitting. */
  async function listedHere(
    column: StandingColumn,
    { id, heading }: PlacedFitting,
    listing: Listing,
  ): Promise<PlacedListingView | null> {
    const { page: of, isWhole } = pageOfListing(askOf(ask, id), listing.amount)
    const answer = await asker.shown(listing, asked, [], of)
    const placement = { kind: 'listing', id, listing: id, heading } as const
    const standing = {
      ...column,
      page,
      placement,
      listing,
      isOfFitting: true as const,
      shown: { ...answer, visited: listing, page: of, isWhole, above: [], choices: noChoices },
    }
    const view = await placementView(db, known, standing, { ...asked, asker, ask })
    // It is nobody's to subscribe to: no listing stands behind it.
    return view === null ? null : { ...view, calendar: null }
  }
}

/** The entry that a page is about, asked for by whatever shows some of it, and found once. */
export function entryAskedOnce(db: Db, { site }: KnownSite, { page, now }: Asked): FittingAsked['entry'] {
  let finding: ReturnType<FittingAsked['entry']> | undefined
  return () =>
    (finding ??= page?.kind === 'entry' ? entryInFull(db, page.id, site.zone, now) : Promise.resolve(null))
}

/** What a picture behind a band has at most, in CSS pixels. */
const groundRoom = { width: 2400 }

async function groundPictures(
  db: Db,
  columns: readonly StandingColumn[],
): Promise<ReadonlyMap<number, Picture>> {
  return picturesById(
    db,
    columns.flatMap(({ band }) => (band.background.is === 'picture' ? [band.background.picture] : [])),
  )
}

async function fittingView(
  page: Page,
  placement: PlacedFitting,
  asked: FittingAsked,
): Promise<PlacedFittingView> {
  const { fitting, styles = [] } = placement
  return {
    ...placedView(page, placement),
    kind: 'fitting',
    fitting,
    styles,
    content: await fittingContent(fitting, asked),
  }
}

/** What stands around something that is placed. */
function placedView(page: Page, placement: Placement): PlacedView {
  const { id, heading, headingLevel, headingAddress, classes = [], above, below } = placement
  return {
    id,
    anchor: anchorsOn(page).get(id) ?? null,
    classes: classes.map(ownClass),
    heading,
    headingLevel: headingLevel ?? 2,
    headingAddress: headingAddress ?? null,
    above: wordsOf(above),
    below: wordsOf(below),
  }
}

function wordsOf(document: RichText | undefined): string {
  return document === undefined || isEmptyDocument(document) ? '' : htmlOfDocument(document)
}

/** Where the dates of a listing are told to calendars; null where its shape or its entries have none. */
function calendarOf(known: Pick<KnownSite, 'site' | 'dated'>, id: string, listing: Listing): string | null {
  if (shapeOf(listing.shape).isOfWhen === undefined) return null
  return saysWhen(known, listing.from.collections) ? calendarAddress(known.site.address, id) : null
}

/** As programs subscribe to it where the site knows its own address, else as a file of this site. */
function calendarAddress(origin: string, listing: string): string {
  const path = listingCalendar(listing)
  return origin === '' ? path : origin.replace(/^https?:/, 'webcal:') + path
}

/** Where a listing stands, and what it is answered with. */
export interface Placing extends Standing<PlacedListing> {
  readonly page: Page
  readonly listing: Listing | undefined
  readonly shown: ShownPlacement | undefined
  /** What a fitting shows is no listing of anybody’s: nothing is told of it. */
  readonly isOfFitting?: true
}

/** What a placed listing is asked, and by whom that is answered. */
export interface PlacementAsked extends Asked {
  readonly asker: ListingAsker
  readonly ask: PageAsk
}

/** One placed listing with the entries it shows; null when its listing is not there. */
export async function placementView(
  db: Db,
  known: KnownSite,
  placing: Placing,
  asked: PlacementAsked,
): Promise<PlacedListingView | null> {
  const { now, clock, ask } = asked
  const { site, words } = known
  const { page, placement, shown } = placing
  const listing = shown?.visited ?? placing.listing
  if (listing === undefined) return null
  const box = listingBox(placing.box, listing.visitors)
  const entries = await cardEntries(db, shown?.rows ?? [], {
    zone: site.zone,
    picks: listing.from.by === 'hand' ? listing.from.picks : [],
    text: readsText(listing.card),
    nextDateAt: opensOf(listing.card).length > 0 ? now : undefined,
  })
  const isFirst = shownListingsOf(page)[0]?.id === placement.id
  const listingId = placing.isOfFitting === true ? null : placement.listing
  const carded = shown?.isWhole === true ? shownWhole(listing) : listing
  const controlsAsked: ControlsAsked = {
    db,
    asker: asked.asker,
    known,
    asked,
    listing,
    own: placing.listing ?? listing,
    above: shown?.above ?? [],
    choices: shown?.choices ?? noChoices,
    ask,
    placement: placement.id,
    listingId,
  }
  const found = foundWords(controlsAsked)
  const marks = await compareMarks(
    controlsAsked,
    entries.map(({ id }) => id),
  )
  const cards = cardViews(box, carded, entries, cardContext({ site, words }, now), isFirst).map((card) => ({
    ...card,
    found,
    compare: marks.get(card.entryId) ?? null,
    told:
      listingId === null
        ? null
        : pressAddress({ listing: listingId, kind: 'card', what: String(card.entryId) }),
  }))
  const shape = shapeOf(listing.shape)
  const grouping = shape.grouping?.(listing.shape) ?? null
  const place = { ...site, now, visitor: clock ?? null }
  const arrangement = arrangementOf(listing.shape, entries, {
    ...place,
    turned: askOf(ask, placement.id).turn,
    later: shown?.later ?? null,
    terms: await outermostTerms(db, shape.termsShown?.(listing.shape) ?? null),
  })
  return {
    ...placedView(page, placement),
    kind: 'listing',
    name: listing.name,
    shape: listing.shape,
    amount: listing.amount,
    look: {
      listing,
      shared: sharedStyles(listing.look, words),
      sharedCss: sharedCss(listing.look, words),
    },
    ...(await waysThrough({ asked, known, listing, listingId, placement: placement.id, shown })),
    unknown: shown?.choices.unknown ?? [],
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
            cards: cards.filter((_, at) => own.some((entry) => entry === entries[at])),
          })),
    arrangement,
    clock: toldClock(listing.shape, entries, place),
    calendar: calendarOf(known, placement.listing, listing),
    turning: shape.stretch === undefined ? null : turnAddress(ask, placement.id),
    visitors: await visitorsView(controlsAsked),
  }
}

/** A listing that shows as much where it is narrow. */
function shownWhole(listing: Listing): Listing {
  return { ...listing, amount: { ...listing.amount, stops: [] } }
}
