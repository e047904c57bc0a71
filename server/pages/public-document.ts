import type { Page } from '../../core/pages/definition'
import type { ListingPageView } from '../../site/view'
import { words } from '../../site/words'
import type { Db } from '../db/client'
import { renderDocument } from '../render/render'
import { loadSite } from '../site/site'
import type { Site } from '../site/site'
import { entryAt } from './entry-page'
import { navigation, publishedPage } from './pages'
import { termAt } from './term-page'
import { listingCss, listingPageView } from './view'
import type { Listings } from './view'

/** What a visitor is answered: a document, or the address that what was asked for has moved to. */
export type PublicAnswer =
  | { readonly status: 200 | 404; readonly html: string }
  | { readonly status: 301; readonly address: string }

/** What a visitor gets at a path. `now` is epoch milliseconds. */
export async function publicDocument(db: Db, path: string, now: number): Promise<PublicAnswer> {
  const site = await loadSite(db)
  const [links, found] = await Promise.all([navigation(db), publishedPage(db, path)])
  const shared = { site, navigation: links, path }
  if (found !== null) {
    const page = await listingPageView(db, site, found.page, found.listings, now)
    return { status: 200, html: await renderDocument({ ...shared, page, css: listingCss(page), pageId: found.id }) }
  }
  const entry = await entryAt(db, site, path, now)
  if (entry?.kind === 'moved') return { status: 301, address: entry.address }
  if (entry !== null) return { status: 200, html: await renderDocument({ ...shared, page: entry.page, css: '', pageId: null }) }
  const term = await termAt(db, path)
  if (term?.kind === 'moved') return { status: 301, address: term.address }
  if (term !== null) {
    const page = withoutEmpty(await listingPageView(db, site, term.page, term.listings, now))
    return { status: 200, html: await renderDocument({ ...shared, page, css: listingCss(page), pageId: null }) }
  }
  const missingPage = { kind: 'missing', title: words.missingTitle } as const
  return { status: 404, html: await renderDocument({ ...shared, page: missingPage, css: '', pageId: null }) }
}

/** Of a term's collections, those that have something to show. */
function withoutEmpty(page: ListingPageView): ListingPageView {
  return { ...page, areas: { ...page.areas, main: page.areas.main.filter((placement) => placement.cards.length > 0) } }
}

/** The document of a draft, as the bench frames it: the same markup, without the script. */
export async function draftDocument(
  db: Db,
  site: Site,
  draft: { readonly path: string; readonly page: Page; readonly listings: Listings },
  now: number,
): Promise<string> {
  const page = await listingPageView(db, site, draft.page, draft.listings, now)
  const links = await navigation(db)
  return renderDocument({ site, navigation: links, path: draft.path, page, css: listingCss(page), pageId: null })
}
