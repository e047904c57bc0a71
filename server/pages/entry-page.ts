import { entryAddressOf, slugIn } from '../../core/content/entry-address'
import { entryLayouts } from '../../core/fittings/entry-layouts'
import { wholeWidth } from '../../core/pages/frames/widths'
import { shownPicture } from '../../core/pictures/shown'
import { placementViewsOf } from '../../site/view'
import type { EntryPageView, ListingPageView } from '../../site/view'
import { visibleAt } from '../content/visible'
import type { Db } from '../db/client'
import { entryContent } from '../fittings/entry'
import { pictureOf } from '../listings/card-entries'
import { entryInFull } from '../listings/entry-in-full'
import type { KnownSite } from '../listings/context'
import type { Site } from '../site/site'

/** What the page of an entry is called, and shown with where its address is shared. */
export type EntryHead = Pick<EntryPageView, 'title' | 'summary' | 'picture'>

/** What stands at a path: an entry's page, or the address it has moved to. */
export type FoundEntry =
  | {
      readonly kind: 'page'
      readonly id: number
      /** The collection's address pattern. */ readonly pattern: string
      readonly head: EntryHead
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
    if (entry) return found(site, entry, path)
  }
  const earlier = await movedPattern(db, path, now)
  if (earlier) return found(site, earlier, null)
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
  return moved ? found(site, moved, null) : null
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

/** What the page of an entry says at its head, where visitors may see that at `now`; null where not. */
export async function entryHeadOf(db: Db, id: number, now: number): Promise<EntryHead | null> {
  const entry = await visibleEntry(db, now).where('e.id', '=', id).executeTakeFirst()
  return entry === undefined ? null : headOf(entry)
}

function visibleEntry(db: Db, now: number) {
  return db
    .selectFrom('entries as e')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .leftJoin('media as m', 'm.id', 'e.picture_id')
    .select([
      'e.id',
      'e.slug',
      'e.title',
      'e.summary',
      'e.published_at',
      'c.address',
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

function found(site: Site, entry: VisibleEntry, path: string | null): FoundEntry {
  const published = { slug: entry.slug, publishedAt: entry.published_at?.getTime() ?? 0 }
  const address = entryAddressOf(entry.address, published, site.zone)
  if (path === null || decodeURIComponent(address) !== path) return { kind: 'moved', address }
  return { kind: 'page', id: entry.id, pattern: entry.address, head: headOf(entry) }
}

/**
 * The page of an entry, with what stands on it. Where nothing there shows any of the entry, it comes
 * before everything else, as is usual. `now` is epoch milliseconds.
 */
export async function entryPageView(
  db: Db,
  known: KnownSite,
  { id, head }: { readonly id: number; readonly head: EntryHead },
  { frame, areas, without }: ListingPageView,
  now: number,
): Promise<EntryPageView> {
  const isShown = placementViewsOf({ areas }).some(
    (one) => one.kind === 'fitting' && one.fitting.name === 'entry',
  )
  const entry = () => entryInFull(db, id, known.site.zone, now)
  const asked = { known, now, box: { widths: wholeWidth }, entry }
  const whole = isShown ? null : await entryContent({ parts: entryLayouts.whole }, asked)
  return { kind: 'entry', ...head, frame, areas, without, whole }
}

/** What an entry's picture has where its address is shared, in CSS pixels. */
const pictureRoom = { width: 960, height: 600 }

function headOf(entry: VisibleEntry): EntryHead {
  const { title, summary } = entry
  return { title, summary, picture: shownPicture(pictureOf(entry), pictureRoom) }
}
