import { sql } from 'kysely'
import { SitemapIndexStream, SitemapStream, streamToPromise } from 'sitemap'
import { baseOf, entryAddressOf, termAddress } from '../../core/content/entry-address'
import { isPlainAddress } from '../../core/pages/shared-address'
import { authorAddress } from '../../core/pages/usual'
import { visibleAt } from '../content/visible'
import type { Db } from '../db/client'
import { keyCounts } from '../listings/key-counts'
import { loadSite } from '../site/site'
import { everyCollection } from './subjects/published'

/** So many addresses stand in one file (sitemaps.org protocol 0.9 allows 50,000). */
const most = 20_000

interface Located {
  readonly url: string
  readonly lastmod?: string
}

/**
 * The site's addresses for programs that look at all of it, at `now` (epoch milliseconds): in one file, or
 * in several with an index of them. `part` names one of several, from 1. `origin` is where the site is
 * reached. Null for a part that is not there.
 */
export async function siteMap(
  db: Db,
  origin: string,
  part: number | null,
  now: number,
): Promise<string | null> {
  const [fixed, entries] = await Promise.all([fixedAddresses(db, now), entryCount(db, now)])
  const parts = Math.ceil(entries / most)
  if (part === null && entries + fixed.length <= most)
    return written(origin, [...fixed, ...(await entryAddresses(db, 0, now))])
  if (part === null) return indexOf(origin, parts + 1)
  if (part === 1) return written(origin, fixed)
  return part <= parts + 1 ? written(origin, await entryAddresses(db, part - 2, now)) : null
}

async function written(origin: string, addresses: readonly Located[]): Promise<string> {
  const stream = new SitemapStream({ hostname: origin })
  for (const address of addresses) stream.write(address)
  stream.end()
  return (await streamToPromise(stream)).toString()
}

async function indexOf(origin: string, parts: number): Promise<string> {
  const stream = new SitemapIndexStream()
  for (let part = 1; part <= parts; part += 1) stream.write({ url: `${origin}/sitemap.xml?part=${part}` })
  stream.end()
  return (await streamToPromise(stream)).toString()
}

/** Everything but entries: pages, collections, and terms and authors that something was published of. */
async function fixedAddresses(db: Db, now: number): Promise<readonly Located[]> {
  const [pages, collections, terms, authors, all] = await Promise.all([
    db
      .selectFrom('pages')
      .select(['path', 'published_at'])
      .where('published', 'is not', null)
      .where('deleted_at', 'is', null)
      .orderBy('position')
      .orderBy('id')
      .execute(),
    db.selectFrom('collections').select('address').where('deleted_at', 'is', null).orderBy('id').execute(),
    db
      .selectFrom('terms as t')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .select(['t.id', 't.slug', 'f.slug as facet'])
      .where('t.leaving', '=', false)
      .where('f.deleted_at', 'is', null)
      .orderBy('t.id')
      .execute(),
    db.selectFrom('authors').select(['id', 'slug']).where('deleted_at', 'is', null).orderBy('id').execute(),
    everyCollection(db),
  ])
  const ids = [...terms, ...authors].map((one) => one.id)
  const counts = await keyCounts(db, all, ids, now)
  const isFound = ({ id }: { readonly id: number }) => (counts.get(id) ?? 0) > 0
  const made = pages.flatMap(({ path, published_at: at }) =>
    isPlainAddress(path) ? [{ url: encodeURI(path), ...(at !== null && { lastmod: at.toISOString() }) }] : [],
  )
  const taken = new Set(made.map((one) => one.url))
  const others = [
    ...collections.map(({ address }) => encodeURI(baseOf(address))),
    ...terms.filter(isFound).map((term) => termAddress(term.facet, term.slug)),
    ...authors.filter(isFound).map((author) => authorAddress(author.slug)),
  ]
  return [...made, ...others.filter((url) => !taken.has(url)).map((url) => ({ url }))]
}

async function entryCount(db: Db, now: number): Promise<number> {
  const { rows } = await sql<{ entries: number }>`
    select count(*)::integer as entries from entry_index i
    join collections c on c.id = i.collection_id and c.deleted_at is null
    where ${visibleAt('i', new Date(now))}`.execute(db)
  return rows[0]?.entries ?? 0
}

async function entryAddresses(db: Db, part: number, now: number): Promise<readonly Located[]> {
  const { zone } = await loadSite(db)
  const rows = await db
    .selectFrom('entry_index as i')
    .innerJoin('entries as e', 'e.id', 'i.entry_id')
    .innerJoin('collections as c', 'c.id', 'i.collection_id')
    .select(['e.slug', 'e.updated_at', 'i.published_at', 'c.address'])
    .where('c.deleted_at', 'is', null)
    .where(visibleAt('i', new Date(now)))
    .orderBy('i.entry_id')
    .offset(part * most)
    .limit(most)
    .execute()
  return rows.map((row) => ({
    url: entryAddressOf(row.address, { slug: row.slug, publishedAt: row.published_at.getTime() }, zone),
    lastmod: row.updated_at.toISOString(),
  }))
}
