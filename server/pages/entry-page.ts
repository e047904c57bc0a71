import { baseOf, entryAddressOf, slugIn, termAddress } from '../../core/content/entry-address'
import { formatValue, valuesOf } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { htmlOfDocument } from '../../core/content/rich-text/html'
import type { RichText } from '../../core/content/rich-text/document'
import { isEmptyDocument } from '../../core/content/rich-text/document'
import { formatDate } from '../../core/formats/dates'
import { shownPicture } from '../../core/pictures/shown'
import type { EntryPageView } from '../../site/view'
import type { Db } from '../db/client'
import { pictureOf } from '../listings/card-entries'
import { fieldsOf } from '../content/fields'
import { visibleAt } from '../content/visible'
import type { Site } from '../site/site'
import { entrySurroundings } from './entry-surroundings'

/** What stands at a path: an entry's page, or the address it has moved to. */
export type FoundEntry =
  | {
      readonly kind: 'page'
      readonly id: number
      /** The collection's address pattern. */ readonly pattern: string
      readonly page: EntryPageView
    }
  | { readonly kind: 'moved'; readonly address: string }

/** The entry of a path (percent-decoded) that visitors may see at `now` (epoch milliseconds), or null. */
export async function entryAt(db: Db, site: Site, path: string, now: number): Promise<FoundEntry | null> {
  const collections = await db
    .selectFrom('collections')
    .select(['id', 'address'])
    .where('deleted_at', 'is', null)
    .execute()
  for (const { id, address } of collections) {
    const slug = slugIn(address, path)
    const entry =
      slug === null
        ? undefined
        : await visibleEntry(db, now)
            .where('e.collection_id', '=', id)
            .where('e.slug', '=', slug)
            .executeTakeFirst()
    if (entry) return found(db, site, entry, path, now)
  }
  const earlier = await movedPattern(db, path, now)
  if (earlier) return found(db, site, earlier, null, now)
  const old = await db
    .selectFrom('old_addresses')
    .select('entry_id')
    .where('path', '=', path)
    .where('entry_id', 'is not', null)
    .executeTakeFirst()
  const moved =
    old === undefined
      ? undefined
      : await visibleEntry(db, now).where('e.id', '=', old.entry_id).executeTakeFirst()
  return moved ? found(db, site, moved, null, now) : null
}

/** The entry that had this address by an earlier pattern of its collection. */
async function movedPattern(db: Db, path: string, now: number): Promise<VisibleEntry | undefined> {
  const patterns = await db
    .selectFrom('old_patterns')
    .select(['collection_id', 'pattern'])
    .orderBy('moved_at', 'desc')
    .execute()
  for (const { collection_id: collection, pattern } of patterns) {
    const slug = slugIn(pattern, path)
    const entry =
      slug === null
        ? undefined
        : await visibleEntry(db, now)
            .where('e.collection_id', '=', collection)
            .where('e.slug', '=', slug)
            .executeTakeFirst()
    if (entry) return entry
  }
  return undefined
}

/** The page of an entry that visitors may see at `now`, wherever it stands; null for none. */
export async function entryPageOf(
  db: Db,
  site: Site,
  id: number,
  now: number,
): Promise<EntryPageView | null> {
  const entry = await visibleEntry(db, now).where('e.id', '=', id).executeTakeFirst()
  return entry === undefined ? null : entryPageView(db, site, entry, now)
}

function visibleEntry(db: Db, now: number) {
  return db
    .selectFrom('entries as e')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .leftJoin('authors as a', 'a.id', 'e.author_id')
    .leftJoin('media as m', 'm.id', 'e.picture_id')
    .select([
      'e.id',
      'e.slug',
      'e.title',
      'e.summary',
      'e.body',
      'e.published_at',
      'e.field_values',
      'e.collection_id',
      'a.name as author',
      'c.address',
      'c.name as collection_name',
      'm.hash',
      'm.width',
      'm.height',
      'm.alternative',
      'm.tint',
      'm.focal_x',
      'm.focal_y',
    ])
    .where('e.status', '=', 'published')
    .where(visibleAt('e', new Date(now)))
    .where('e.deleted_at', 'is', null)
    .where('c.deleted_at', 'is', null)
}

type VisibleEntry = Awaited<ReturnType<ReturnType<typeof visibleEntry>['executeTakeFirstOrThrow']>>

async function found(
  db: Db,
  site: Site,
  entry: VisibleEntry,
  path: string | null,
  now: number,
): Promise<FoundEntry> {
  const address = entryAddressOf(
    entry.address,
    { slug: entry.slug, publishedAt: publishedOf(entry) },
    site.zone,
  )
  if (path === null || decodeURIComponent(address) !== path) return { kind: 'moved', address }
  return {
    kind: 'page',
    id: entry.id,
    pattern: entry.address,
    page: await entryPageView(db, site, entry, now),
  }
}

function publishedOf(entry: VisibleEntry): number {
  return entry.published_at?.getTime() ?? 0
}

async function entryPageView(db: Db, site: Site, entry: VisibleEntry, now: number): Promise<EntryPageView> {
  const [terms, fields] = await Promise.all([
    db
      .selectFrom('entry_terms as et')
      .innerJoin('terms as t', 't.id', 'et.term_id')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .select(['t.name', 't.slug', 'f.slug as facet'])
      .innerJoin('collection_facets as cf', 'cf.facet_id', 't.facet_id')
      .where('cf.collection_id', '=', entry.collection_id)
      .where('t.leaving', '=', false)
      .where('f.deleted_at', 'is', null)
      .where('et.entry_id', '=', entry.id)
      .orderBy('et.position')
      .execute(),
    fieldsOf(db, entry.collection_id),
  ])
  const values = valuesOf(fields, entry.field_values)
  const around = await entrySurroundings(db, site, fields, values, new Date(now))
  const publishedAt = publishedOf(entry)
  return {
    kind: 'entry',
    title: entry.title,
    summary: entry.summary,
    facts: factsOf(fields, values, site),
    html: isEmptyDocument(entry.body) ? '' : htmlOfDocument(entry.body),
    date: { text: formatDate(publishedAt, site), instant: new Date(publishedAt).toISOString() },
    author: entry.author,
    terms: terms.map((term) => ({ title: term.name, path: termAddress(term.facet, term.slug) })),
    picture: shownPicture(pictureOf(entry), pictureRoom),
    ...around,
    collection: { title: entry.collection_name, path: baseOf(entry.address) },
    around: null,
  }
}

/** Types that say nothing in a line of words; they get places of their own. */
const notFacts = new Set<Field['type']>(['picture', 'pictures', 'file', 'reference', 'colour'])

function factsOf(
  fields: readonly Field[],
  values: Readonly<Record<string, unknown>>,
  site: Site,
): EntryPageView['facts'] {
  return fields.flatMap((field) => {
    const value = values[field.id]
    if (value === undefined || notFacts.has(field.type)) return []
    const html = field.type === 'rich-text' ? htmlOfDocument(value as RichText) : null
    const address = field.type === 'link' ? (value as { readonly address: string }).address : null
    return [{ name: field.name, text: formatValue(field, value, site), html, address }]
  })
}

/** What an entry's picture has on its page, in CSS pixels. */
const pictureRoom = { width: 960, height: 600 }
