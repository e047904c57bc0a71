import type { Page } from '../../core/pages/definition'
import { paragraphsOf } from '../../core/text/paragraphs'
import { pictureAddress, widthsOf } from '../../core/pictures/picture'
import { formatDate } from '../../core/time/format'
import type { EntryPageView } from '../../site/view'
import { words } from '../../site/words'
import type { Db } from '../db/client'
import { renderDocument } from '../render/render'
import { loadSite } from '../site/site'
import type { Site } from '../site/site'
import { navigation, publishedPage } from './pages'
import { listingCss, listingPageView } from './view'
import type { Listings } from './view'

/** What a visitor gets at a path. `now` is epoch milliseconds. */
export async function publicDocument(
  db: Db,
  path: string,
  now: number,
): Promise<{ readonly status: 200 | 404; readonly html: string }> {
  const site = await loadSite(db)
  const [links, found, entry] = await Promise.all([
    navigation(db),
    publishedPage(db, path),
    entryPageView(db, site, path, now),
  ])
  const shared = { site, navigation: links, path }
  if (found !== null) {
    const page = await listingPageView(db, site, found.page, found.listings, now)
    return { status: 200, html: await renderDocument({ ...shared, page, css: listingCss(page), pageId: found.id }) }
  }
  if (entry !== null) return { status: 200, html: await renderDocument({ ...shared, page: entry, css: '', pageId: null }) }
  const missingPage = { kind: 'missing', title: words.missingTitle } as const
  return { status: 404, html: await renderDocument({ ...shared, page: missingPage, css: '', pageId: null }) }
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

async function entryPageView(db: Db, site: Site, path: string, now: number): Promise<EntryPageView | null> {
  const [collectionSlug, entrySlug, ...more] = path.split('/').slice(1)
  if (!collectionSlug || !entrySlug || more.length > 0) return null
  const row = await db
    .selectFrom('entries as e')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .leftJoin('authors as a', 'a.id', 'e.author_id')
    .leftJoin('media as m', 'm.id', 'e.picture_id')
    .select([
      'e.id', 'e.title', 'e.summary', 'e.body', 'e.published_at', 'a.name as author',
      'c.slug as collection_slug', 'c.name as collection_name',
      'm.hash', 'm.width', 'm.height', 'm.alternative', 'm.tint',
    ])
    .where('c.slug', '=', collectionSlug)
    .where('e.slug', '=', entrySlug)
    .where('e.status', '=', 'published')
    .where('e.published_at', '<=', new Date(now))
    .where('e.deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row?.published_at) return null
  const terms = await db
    .selectFrom('entry_terms as et')
    .innerJoin('terms as t', 't.id', 'et.term_id')
    .select('t.name')
    .where('et.entry_id', '=', row.id)
    .orderBy('et.position')
    .execute()
  return {
    kind: 'entry',
    title: row.title,
    summary: row.summary,
    paragraphs: paragraphsOf(row.body),
    date: { text: formatDate(row.published_at.getTime(), site), instant: row.published_at.toISOString() },
    author: row.author,
    terms: terms.map((term) => term.name),
    picture: entryPicture(row),
    collection: { title: row.collection_name, path: `/${row.collection_slug}` },
  }
}

/** Widest shown on an entry's page, in CSS pixels; below that the picture is as wide as the page. */
const entryPictureWidth = 960

function entryPicture(row: {
  hash: string | null
  width: number | null
  height: number | null
  alternative: string | null
  tint: string | null
}): EntryPageView['picture'] {
  const { hash, width, height, alternative, tint } = row
  if (hash === null || width === null || height === null || alternative === null || tint === null) return null
  const picture = { hash, width, height, alternative, tint }
  const widths = widthsOf(picture)
  return {
    ...picture,
    source: pictureAddress(picture, widths.find((one) => one >= entryPictureWidth) ?? width),
    sourceSet: widths.map((one) => `${pictureAddress(picture, one)} ${one}w`).join(', '),
    sizes: `(min-width: ${entryPictureWidth + 112}px) ${Math.min(entryPictureWidth, width)}px, 100vw`,
  }
}
