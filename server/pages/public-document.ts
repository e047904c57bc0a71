import type { ListingPageView } from '../../site/view'
import { isPattern } from '../../core/content/entry-address'
import { words } from '../../site/words'
import type { Db } from '../db/client'
import { askingAnew, lastsAVisit } from '../listings/ask'
import type { ListingAsker } from '../listings/ask'
import type { Asked } from '../listings/context'
import { renderDocument } from '../render/render'
import { loadSite } from '../site/site'
import { entryAt, entryPageOf } from './entry-page'
import { keepFrame } from './failure-document'
import { subjectOf } from './page-subject'
import { navigation, publishedPage } from './pages'
import { termAt } from './term-page'
import { listingCss, listingPageView } from './view'
import type { AskedPage } from './view'

/** What a visitor is answered: a document, or the address that what was asked for has moved to. */
export type PublicAnswer =
  | { readonly status: 200 | 404; readonly html: string; /** Whether something on it is shuffled for each visit. */ readonly lastsAVisit?: boolean }
  | { readonly status: 301; readonly address: string }

/** A draft with where it stands, and whether it is the page of each entry of a collection. */
export interface AskedDraft extends AskedPage {
  readonly path: string
  readonly isOfEntries: boolean
}

/** What a visitor gets at a path. */
export async function publicDocument(db: Db, path: string, asked: Asked, asker: ListingAsker = askingAnew(db), query = new URLSearchParams()): Promise<PublicAnswer> {
  const seen = asker.seen()
  const site = await loadSite(db)
  const [links, found] = await Promise.all([navigation(db), isPattern(path) ? null : publishedPage(db, path)])
  const shared = { site, navigation: links, path, seen, at: asked.now }
  keepFrame({ site, navigation: links })
  if (found !== null) {
    const page = await listingPageView(db, asker, found, { ...asked, page: asked.page ?? (await subjectOf(db, query)) }, query)
    const html = await renderDocument({ ...shared, page, css: listingCss(page), pageId: found.id })
    return { status: 200, html, lastsAVisit: isShuffledForVisit(found) }
  }
  const entry = await entryAt(db, site, path, asked.now)
  if (entry?.kind === 'moved') return { status: 301, address: entry.address }
  if (entry !== null) {
    const around = await publishedPage(db, entry.pattern)
    const listed = around === null ? null : await listingPageView(db, asker, around, { ...asked, page: { kind: 'entry', id: entry.id } }, query)
    const html = await renderDocument({ ...shared, page: { ...entry.page, around: listed }, css: listed === null ? '' : listingCss(listed), pageId: around?.id ?? null, entryId: entry.id })
    return { status: 200, html, lastsAVisit: isShuffledForVisit(around) }
  }
  const term = await termAt(db, path)
  if (term?.kind === 'moved') return { status: 301, address: term.address }
  if (term !== null) {
    const page = withoutEmpty(await listingPageView(db, asker, term, { ...asked, page: { kind: 'term', id: term.id } }))
    return { status: 200, html: await renderDocument({ ...shared, page, css: listingCss(page), pageId: null }) }
  }
  const missingPage = { kind: 'missing', title: words.missingTitle, text: words.missingText } as const
  return { status: 404, html: await renderDocument({ ...shared, page: missingPage, css: '', pageId: null }) }
}

function isShuffledForVisit(page: AskedPage | null): boolean {
  return page !== null && [...page.listings.values()].some(lastsAVisit)
}

/** Of a term's collections, those that have something to show. */
function withoutEmpty(page: ListingPageView): ListingPageView {
  return { ...page, areas: { ...page.areas, main: page.areas.main.filter((placement) => placement.cards.length > 0) } }
}

/** The document of a draft, as the bench frames it: the same markup; on a page of entries, with the entry it is asked for. */
export async function draftDocument(db: Db, asker: ListingAsker, draft: AskedDraft, asked: Asked): Promise<string> {
  return renderDraft(db, asker, draft, await listingPageView(db, asker, draft, asked), asked)
}

/** A draft that is answered, as a document. */
export async function renderDraft(db: Db, asker: ListingAsker, draft: AskedDraft, listed: ListingPageView, asked: Asked): Promise<string> {
  const [links, { site }] = await Promise.all([navigation(db), asker.known()])
  const entry = draft.isOfEntries && asked.page?.kind === 'entry' ? await entryPageOf(db, site, asked.page.id, asked.now) : null
  return renderDocument({ site, navigation: links, path: draft.path, page: entry === null ? listed : { ...entry, around: listed }, css: listingCss(listed), pageId: null, script: true, seen: null, at: asked.now })
}
