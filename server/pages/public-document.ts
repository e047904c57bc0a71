import type { ListingPageView } from '../../site/view'
import { isPattern } from '../../core/content/entry-address'
import { words } from '../../site/words'
import { showsReads } from '../../core/cards/card'
import type { Listing } from '../../core/listing/definition'
import { nextMidnight } from '../../core/time/windows'
import type { Db } from '../db/client'
import type { DependsOn } from '../live/dependent-cache'
import { behindFittings } from '../live/page-dependencies'
import { askingAnew, goesByReads, lastsAVisit } from '../listings/ask'
import type { ListingAsker } from '../listings/ask'
import type { Asked } from '../listings/context'
import { renderDocument } from '../render/render'
import { loadSite } from '../site/site'
import { entryAt, entryPageOf } from './entry-page'
import { keepFrame } from './failure-document'
import { subjectOf } from './page-subject'
import { movedPageAddress } from './page-addresses'
import { navigation } from './page-rows'
import { publishedPage } from './pages'
import { termAt } from './term-page'
import { pageCss } from './placement-css'
import { listingPageView } from './view'
import type { PublicAnswer } from './public-answer'
import type { AskedPage } from './shown-on-page'

/** A draft with where it stands, and whether it is the page of each entry of a collection. */
export interface AskedDraft extends AskedPage {
  readonly path: string
  readonly isOfEntries: boolean
}

/** What a visitor gets at a path. */
export async function publicDocument(
  db: Db,
  path: string,
  asked: Asked,
  asker: ListingAsker = askingAnew(db),
  query = new URLSearchParams(),
): Promise<PublicAnswer> {
  const seen = asker.seen()
  const site = await loadSite(db)
  const [links, found] = await Promise.all([navigation(db), isPattern(path) ? null : publishedPage(db, path)])
  const shared = { site, navigation: links, path, seen, at: asked.now }
  keepFrame({ site, navigation: links })
  if (found !== null) {
    const page = await listingPageView(
      db,
      asker,
      found,
      { ...asked, page: asked.page ?? (await subjectOf(db, query)) },
      query,
    )
    const css = pageCss(page)
    const html = await renderDocument({ ...shared, page, css, pageId: found.id })
    return {
      status: 200,
      html,
      css,
      lastsAVisit: isShuffledForVisit(found),
      dependence: await dependenceOf(asker, await behindPage(db, found), asked.now),
    }
  }
  const entry = await entryAt(db, site, path, asked.now)
  if (entry?.kind === 'moved') return { status: 301, address: entry.address }
  if (entry !== null) {
    const around = await publishedPage(db, entry.pattern)
    const listed =
      around === null
        ? null
        : await listingPageView(db, asker, around, { ...asked, page: { kind: 'entry', id: entry.id } }, query)
    const css = listed === null ? '' : pageCss(listed)
    const html = await renderDocument({
      ...shared,
      page: { ...entry.page, around: listed },
      css,
      pageId: around?.id ?? null,
      entryId: entry.id,
    })
    return {
      status: 200,
      html,
      css,
      lastsAVisit: isShuffledForVisit(around),
      dependence: await onAnyEntry(asker, around === null ? [] : await behindPage(db, around), asked.now),
    }
  }
  const term = await termAt(db, path)
  if (term?.kind === 'moved') return { status: 301, address: term.address }
  if (term !== null) {
    const page = withoutEmpty(
      await listingPageView(db, asker, term, { ...asked, page: { kind: 'term', id: term.id } }),
    )
    const css = pageCss(page)
    const html = await renderDocument({ ...shared, page, css, pageId: null })
    return {
      status: 200,
      html,
      css,
      lastsAVisit: false,
      dependence: await onAnyEntry(asker, [...term.listings.values()], asked.now),
    }
  }
  const moved = await movedPageAddress(db, path)
  if (moved !== null) return { status: 301, address: encodeURI(moved) }
  const missingPage = { kind: 'missing', title: words.missingTitle, text: words.missingText } as const
  return {
    status: 404,
    html: await renderDocument({ ...shared, page: missingPage, css: '', pageId: null }),
    css: '',
  }
}

/** The listings of a page, and what stands for those that its fittings go by. */
async function behindPage(db: Db, { page, listings }: AskedPage): Promise<readonly Listing[]> {
  return [...listings.values(), ...(await behindFittings(db, page))]
}

/**
 * What a document of these listings depends on. Dates may be told from today, so that each lasts
 * for a day at most.
 */
async function dependenceOf(
  asker: ListingAsker,
  listings: readonly Listing[],
  now: number,
): Promise<DependsOn> {
  const { site } = await asker.known()
  const turns = await Promise.all(listings.map((listing) => asker.turnsAt(listing, now)))
  return {
    collections: [...new Set(listings.flatMap((listing) => listing.from.collections))],
    until: Math.min(nextMidnight(now, site.zone), ...turns),
    reads: listings.some((listing) => goesByReads(listing) || showsReads(listing.card)),
    pages: true,
  }
}

/**
 * As `dependenceOf`, where entries of any collection may be spoken of: those that an entry refers
 * to, or that have a term.
 */
async function onAnyEntry(
  asker: ListingAsker,
  listings: readonly Listing[],
  now: number,
): Promise<DependsOn> {
  const [known, { collections }] = await Promise.all([dependenceOf(asker, listings, now), asker.known()])
  return { ...known, collections }
}

function isShuffledForVisit(page: AskedPage | null): boolean {
  return page !== null && [...page.listings.values()].some(lastsAVisit)
}

/** Of a term's collections, those that have something to show. */
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
 * The document of a draft, as the bench frames it: the same markup; on a page of entries, with the
 * entry it is asked for.
 */
export async function draftDocument(
  db: Db,
  asker: ListingAsker,
  draft: AskedDraft,
  asked: Asked,
): Promise<string> {
  return renderDraft(db, asker, draft, await listingPageView(db, asker, draft, asked), asked)
}

/** A draft that is answered, as a document. */
export async function renderDraft(
  db: Db,
  asker: ListingAsker,
  draft: AskedDraft,
  listed: ListingPageView,
  asked: Asked,
): Promise<string> {
  const [links, { site }] = await Promise.all([navigation(db), asker.known()])
  const entry =
    draft.isOfEntries && asked.page?.kind === 'entry'
      ? await entryPageOf(db, site, asked.page.id, asked.now)
      : null
  return renderDocument({
    site,
    navigation: links,
    path: draft.path,
    page: entry === null ? listed : { ...entry, around: listed },
    css: pageCss(listed),
    pageId: null,
    script: true,
    seen: null,
    at: asked.now,
  })
}
