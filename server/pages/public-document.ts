import { inEveryWay } from '../../core/listing/visited'
import type { NavigationLink } from '../../core/navigation'
import type { PageSubject } from '../../core/rules/context'
import { siteCss } from '../../core/looks/site-css'
import type { SiteMakings } from '../../core/looks/site-css'
import { loneListingAt } from '../../core/pages/listing-elsewhere'
import { furnitureOf } from '../../core/pages/furniture'
import { furnitureAt, furnitureNames, sharedAreaAt } from '../../core/pages/shared-address'
import { fittingsShowReads } from '../../core/pages/standing-fittings'
import { searchAddress, usualPage } from '../../core/pages/usual'
import { listingViewsOf } from '../../site/view'
import type { Furnishing, ListingPageView, PageView } from '../../site/view'
import { baseOf, isPattern } from '../../core/content/entry-address'
import { words } from '../../site/words'
import { showsReads } from '../../core/cards/card'
import { nextMidnight } from '../../core/time/windows'
import type { Db } from '../db/client'
import type { DependsOn } from '../live/dependent-cache'
import { behindFittings } from '../live/page-dependencies'
import { askingAnew, goesByReads, lastsAVisit } from '../listings/ask'
import type { ListingAsker } from '../listings/ask'
import type { Asked } from '../listings/context'
import { renderDocument } from '../render/render'
import type { DocumentChoice } from '../render/render'
import { navigation } from '../site/navigation'
import { loadSite } from '../site/site'
import type { Site } from '../site/site'
import { entryAt, entryHeadOf, entryPageView } from './entry-page'
import { keepFrame } from './failure-document'
import { furnished } from './furniture'
import { loneListing } from './listing-elsewhere'
import { clockIn, subjectOf } from './page-subject'
import { movedPageAddress } from './page-addresses'
import { publishedPage } from './pages'
import { withSharedAreas } from './shared-areas'
import { subjectAt, subjectHead } from './subjects'
import { trailOf } from './trail'
import { unmadePage } from './usual-pages'
import { pageCss } from './placement-css'
import { listingPageView } from './view'
import type { PublicAnswer } from './public-answer'
import type { AskedPage, ShownPlacement } from './shown-on-page'

/** A draft with where it stands, and what it is shown for besides itself. */
export interface AskedDraft extends AskedPage {
  readonly path: string
}

/** What is asked for at an address, with what answers it. */
interface Visit {
  readonly db: Db
  readonly asker: ListingAsker
  readonly site: Site
  readonly path: string
  readonly query: URLSearchParams
  readonly asked: Asked
  /** What stands around every page. */
  readonly shared: Pick<DocumentChoice, 'site' | 'navigation' | 'path' | 'seen' | 'at'>
}

/** What a visitor gets at a path. */
export async function publicDocument(
  db: Db,
  path: string,
  plainly: Asked,
  asker: ListingAsker = askingAnew(db),
  whole = new URLSearchParams(),
): Promise<PublicAnswer> {
  const { clock, others: query } = clockIn(whole)
  const asked = clock === undefined ? plainly : { ...plainly, clock }
  const seen = asker.seen()
  const [site, links] = await Promise.all([loadSite(db), navigation(db)])
  keepFrame({ site, navigation: links })
  const shared = { site, navigation: links, path, seen, at: asked.now }
  const visit: Visit = { db, asker, site, path, query, asked, shared }
  for (const answer of [pageAnswer, loneAnswer, entryAnswer, subjectAnswer, movedAnswer, unmadeAnswer]) {
    const found = await answer(visit)
    if (found !== null) return found
  }
  return missingAnswer(visit)
}

/** What is found at an address, ready to be shown. */
interface FoundPage {
  /** What was asked for it. */
  readonly found: AskedPage
  readonly listed: ListingPageView
  /** As it is shown, where that is more than its listings. */
  readonly shown?: PageView
  readonly trail: readonly NavigationLink[]
  /** The page that somebody made for it; null for none. */
  readonly pageId: number | null
  readonly entryId?: number
  /** Whether entries of any collection may be spoken of: those referred to, or that have a term. */
  readonly isOfAnyEntry?: true
}

/** A page with what stands around every page. */
async function documentOf(visit: Visit, page: FoundPage): Promise<PublicAnswer> {
  const { db, asker, asked, shared, query } = visit
  const { found, listed, shown = listed, trail, pageId, entryId } = page
  const around = await furnished(db, asker, furnitureOf(found.page), { asked, trail, query, page: listed })
  const css = cssOfAll(visit.site, [...around.views, listed])
  const dependence = await dependenceOf(visit, [found, ...around.asked])
  const html = await renderDocument({
    ...shared,
    furniture: around.furniture,
    page: shown,
    css,
    trail,
    pageId,
    ...(entryId === undefined ? {} : { entryId }),
  })
  return {
    status: 200,
    html,
    css,
    lastsAVisit: [found, ...around.asked].some(isShuffledForVisit),
    dependence:
      page.isOfAnyEntry === true
        ? { ...dependence, collections: (await asker.known()).collections }
        : dependence,
  }
}

/** What is said where nothing is. */
async function missingAnswer({ db, asker, site, path, asked, shared }: Visit): Promise<PublicAnswer> {
  const { missingTitle: title, missingText: text } = words
  const trail = [
    { title: '', path: '/' },
    { title, path },
  ]
  const around = await furnished(db, asker, furnitureNames, { asked, trail })
  const css = cssOfAll(site, around.views)
  const page = { kind: 'missing', title, text, canSearch: true } as const
  const { furniture } = around
  return { status: 404, html: await renderDocument({ ...shared, furniture, page, css, pageId: null }), css }
}

/** A page that was made by hand, at its own address. */
async function pageAnswer(visit: Visit): Promise<PublicAnswer | null> {
  const { db, asker, path, asked, query } = visit
  const found = isPattern(path) ? null : await publishedPage(db, path)
  if (found === null) return null
  const trail = await trailOf(db, path, found.page.title)
  const subject = asked.page ?? (await subjectOf(db, query))
  const listed = await listingPageView(db, asker, { ...found, trail }, { ...asked, page: subject }, query)
  return documentOf(visit, { found, listed, trail, pageId: found.id })
}

/** A listing by itself, for pages of other sites. */
async function loneAnswer(visit: Visit): Promise<PublicAnswer | null> {
  const { db, asker, site, path, asked, query, shared } = visit
  const id = loneListingAt(path)
  const found = id === null ? null : await loneListing(db, id)
  if (found === null) return null
  const page = { ...(await listingPageView(db, asker, found, asked, query)), title: '' }
  const css = cssOfAll(site, [page])
  const alone = found.page.title
  return {
    status: 200,
    html: await renderDocument({ ...shared, page, css, pageId: null, script: true, alone }),
    css,
    lastsAVisit: isShuffledForVisit(found),
    isFramed: true,
    dependence: await dependenceOf(visit, [found]),
  }
}

/** What stands around an entry where nobody made a page for that. */
const unmadeAround = usualPage({ kind: 'entry', of: null, title: '' }, { collections: [] }, () => 'usual')

/** An entry, with what stands around every entry of its collection. */
async function entryAnswer(visit: Visit): Promise<PublicAnswer | null> {
  const { db, asker, site, path, asked, query } = visit
  const entry = await entryAt(db, site, path, asked.now)
  if (entry === null) return null
  if (entry.kind === 'moved') return { status: 301, address: entry.address }
  const made = await publishedPage(db, entry.pattern)
  const found = made ?? unmadeAround
  const trail = await trailOf(db, path, entry.head.title)
  const subject = { kind: 'entry', id: entry.id } as const
  const listed = await listingPageView(db, asker, { ...found, trail }, { ...asked, page: subject }, query)
  const shown = await entryPageView(db, await asker.known(), entry, listed, asked.now)
  const pageId = made?.id ?? null
  return documentOf(visit, { found, listed, shown, trail, pageId, entryId: entry.id, isOfAnyEntry: true })
}

/** What has a term, is by an author, or of a month: on the page made for all of them, or as is usual. */
async function subjectAnswer(visit: Visit): Promise<PublicAnswer | null> {
  const { db, asker, site, path, asked, query } = visit
  const subject = await subjectAt(db, site, path, asked.now)
  if (subject === null) return null
  if (subject.kind === 'moved') return { status: 301, address: subject.address }
  const made = await publishedPage(db, subject.pattern)
  const found = made ?? (await unmadePage(db, subject.pattern))
  if (found === null) return null
  const trail = await trailOf(db, path, subject.head.title)
  const of = { ...asked, page: subject.subject }
  const view = await listingPageView(db, asker, { ...found, trail }, of, query)
  const listed = { ...(made === null ? withoutEmpty(view) : view), ...subject.head }
  return documentOf(visit, { found, listed, trail, pageId: made?.id ?? null, isOfAnyEntry: true })
}

/** Everything of a collection, or what a search finds, where no page was made for it. */
async function unmadeAnswer(visit: Visit): Promise<PublicAnswer | null> {
  const { db, asker, path, asked, query } = visit
  const found = isPattern(path) ? null : await unmadePage(db, path)
  if (found === null) return null
  const trail = await trailOf(db, path, found.page.title)
  const subject = asked.page ?? (await subjectOf(db, query))
  const view = await listingPageView(db, asker, { ...found, trail }, { ...asked, page: subject }, query)
  const listed = path === searchAddress ? withFound(view, subject) : view
  return documentOf(visit, { found, listed, trail, pageId: null, isOfAnyEntry: true })
}

/** Where a page is by now that had this address. */
async function movedAnswer({ db, path }: Visit): Promise<PublicAnswer | null> {
  const moved = await movedPageAddress(db, path)
  return moved === null ? null : { status: 301, address: encodeURI(moved) }
}

/**
 * What a document of these pages depends on. Dates may be told from today, so that each lasts for a day
 * at most.
 */
async function dependenceOf(
  { db, asker, asked: { now, clock } }: Visit,
  pages: readonly AskedPage[],
): Promise<DependsOn> {
  const { site } = await asker.known()
  const unseen = await Promise.all(pages.map(({ page }) => behindFittings(db, page)))
  const shown = pages.flatMap(({ listings }) => [...listings.values()]).flatMap(inEveryWay)
  const behind = [...shown, ...unseen.flat()]
  const turns = await Promise.all(behind.map((listing) => asker.turnsAt(listing, now)))
  return {
    collections: [...new Set(behind.flatMap((listing) => listing.from.collections))],
    until: Math.min(...[site.zone, clock ?? site.zone].map((zone) => nextMidnight(now, zone)), ...turns),
    reads:
      behind.some((listing) => goesByReads(listing) || showsReads(listing.card)) ||
      pages.some(({ page }) => fittingsShowReads(page)),
    pages: true,
  }
}

/** What the site is made of, and what pages ask for. */
function cssOfAll(site: SiteMakings, views: readonly ListingPageView[]): string {
  return [siteCss(site), ...views.map(pageCss)].filter((css) => css !== '').join('\n')
}

function isShuffledForVisit(page: AskedPage): boolean {
  return [...page.listings.values()].some(lastsAVisit)
}

/** Of what a search finds, those collections that have any; in words where none has. */
function withFound(page: ListingPageView, subject: PageSubject | null): ListingPageView {
  const found = withoutEmpty(page)
  if (subject?.kind !== 'search' || listingViewsOf(found).length > 0) return found
  return { ...found, introduction: words.foundNothing(subject.words) }
}

/** Of collections, those that have something to show. */
function withoutEmpty(page: ListingPageView): ListingPageView {
  return {
    ...page,
    areas: page.areas.map((area) => ({
      ...area,
      bands: area.bands.map((band) => ({
        ...band,
        columns: band.columns.map((placements) =>
          placements.filter((one) => one.kind !== 'listing' || one.cards.length > 0),
        ),
      })),
    })),
  }
}

/**
 * The document of a draft, as the bench frames it: the same markup; on a page of many things, with the
 * one it is asked for.
 */
export async function draftDocument(
  db: Db,
  asker: ListingAsker,
  draft: AskedDraft,
  asked: Asked,
): Promise<string> {
  const whole = await withSharedAreas(db, draft)
  return renderDraft(db, asker, whole, await draftView(db, asker, whole, asked), asked)
}

/** A draft with every listing answered. What is shown may be known already. */
export async function draftView(
  db: Db,
  asker: ListingAsker,
  draft: AskedDraft,
  asked: Asked,
  query?: URLSearchParams,
  answered?: ReadonlyMap<string, ShownPlacement>,
): Promise<ListingPageView> {
  const trail = await trailOf(db, draft.path, draft.page.title)
  return listingPageView(db, asker, { ...draft, trail }, asked, query, answered)
}

/** An area with nothing in it. */
const noFurnishing: Furnishing = { frame: 'one-column', areas: [] }

/** A draft that is answered, as a document; a shared area without the title that pages have. */
export async function renderDraft(
  db: Db,
  asker: ListingAsker,
  draft: AskedDraft,
  listed: ListingPageView,
  asked: Asked,
): Promise<string> {
  const [links, known] = await Promise.all([navigation(db), asker.known()])
  const { site } = known
  const isShared = sharedAreaAt(draft.path) !== null
  const subject = isPattern(draft.path) ? asked.page : null
  const id = subject?.kind === 'entry' ? subject.id : null
  const [entry, head] = await Promise.all([
    id === null ? null : entryHeadOf(db, id, asked.now),
    subject === null ? null : subjectHead(db, site, subject),
  ])
  const address = entry === null ? draft.path : `${baseOf(draft.path)}/entry`
  const trail = await trailOf(db, address, entry?.title ?? draft.page.title)
  // What is drafted here is not seen at its place too.
  const drafted = furnitureAt(draft.path)
  const names = furnitureOf(draft.page).filter((name) => name !== drafted)
  const around = await furnished(db, asker, names, { asked, trail, page: listed })
  return renderDocument({
    site,
    navigation: links,
    furniture: drafted === null ? around.furniture : { ...around.furniture, [drafted]: noFurnishing },
    path: draft.path,
    page:
      entry === null || id === null
        ? { ...listed, ...head, ...(isShared && { title: '' }) }
        : await entryPageView(db, known, { id, head: entry }, listed, asked.now),
    css: cssOfAll(site, [...around.views, listed]),
    trail: entry === null ? [] : trail,
    pageId: null,
    script: true,
    seen: null,
    at: asked.now,
  })
}
