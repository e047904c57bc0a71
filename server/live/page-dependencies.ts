import type { PartSetting } from '../../core/cards/parts'
import { isPattern } from '../../core/content/entry-address'
import { newListing, parseListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import type { Page } from '../../core/pages/definition'
import { entryPartsOn, shownListingsOf } from '../../core/pages/standing'
import { showsAnyEntry } from '../../core/pages/standing-fittings'
import type { Db } from '../db/client'
import { mayChangeAt } from '../listings/next-change'
import { publishedFurniture, readPage, withShownAreas } from '../pages/stored-page'
import type { KnownSite } from '../listings/context'
import type { Change } from './record-change'

/** What a published page shows, and with it what can change it. */
export interface PageDependencies {
  readonly page: number
  readonly listings: readonly Listing[]
}

/** The listings of a published page, and what stands for those that its fittings go by. */
export async function dependenciesOf(db: Db, pageId: number): Promise<PageDependencies> {
  const row = await db
    .selectFrom('pages')
    .select(['path', 'published'])
    .where('id', '=', pageId)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row?.published) return { page: pageId, listings: [] }
  const pages = [await withShownAreas(db, readPage(row.published)), ...(await publishedFurniture(db))]
  // The page of each entry shows that, also where no fitting of it does.
  const unseen = (await isOfEntries(db, row.path))
    ? [await everyEntry(db, pages.flatMap(entryPartsOn))]
    : (await Promise.all(pages.map((page) => behindFittings(db, page)))).flat()
  const ids = pages.flatMap((page) => shownListingsOf(page).map((placement) => placement.listing))
  if (ids.length === 0) return { page: pageId, listings: unseen }
  const rows = await db.selectFrom('listings').select('published').where('id', 'in', ids).execute()
  const listings = rows.flatMap(({ published }) => {
    const parsed = parseListing(published)
    return parsed.ok ? [parsed.value] : []
  })
  return { page: pageId, listings: [...listings, ...unseen] }
}

/**
 * A listing of every entry of the site, where a fitting of the page shows what any entry may change; in
 * its parts where it is the page's own.
 */
export async function behindFittings(db: Db, page: Page): Promise<readonly Listing[]> {
  return showsAnyEntry(page) ? [await everyEntry(db, entryPartsOn(page))] : []
}

/** Whether it is the address pattern of the entries of a collection. */
async function isOfEntries(db: Db, path: string): Promise<boolean> {
  if (!isPattern(path)) return false
  const found = await db
    .selectFrom('collections')
    .select('id')
    .where('address', '=', path)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  return found !== undefined
}

/** A listing of every entry of the site, in parts. */
async function everyEntry(db: Db, parts: readonly PartSetting[]): Promise<Listing> {
  const rows = await db.selectFrom('collections').select('id').where('deleted_at', 'is', null).execute()
  const listing = newListing('Everything', 1)
  return {
    ...listing,
    from: { ...listing.from, collections: rows.map((row) => row.id) },
    card: { ...listing.card, parts },
  }
}

/** Whether a change can alter what a page shows. */
export function touchesPage(change: Change, { page, listings }: PageDependencies): boolean {
  switch (change.kind) {
    case 'site':
      return true
    case 'page':
      return change.subjectId === page
    case 'collection':
      return listings.some(({ from }) =>
        from.collections.some((collection) => collection === change.subjectId),
      )
    case 'reads':
      // Readers are not shown a page anew for each other's reading.
      return false
  }
}

/**
 * The first instant after `now` (epoch milliseconds) at which the clock alone may change a page;
 * Infinity for never.
 */
export async function pageTurnsAt(
  db: Db,
  { listings }: PageDependencies,
  words: KnownSite['words'],
  now: number,
): Promise<number> {
  return Math.min(
    Infinity,
    ...(await Promise.all(listings.map((listing) => mayChangeAt(db, listing, words, now)))),
  )
}
