import type { ListingPlace, ListingRow } from '../../core/pages/answers'
import type { Page } from '../../core/pages/definition'
import { placedListingsOf, shownListingsOf } from '../../core/pages/standing'
import type { Db } from '../db/client'
import { differs, editedListing } from './pages'
import { readPage } from './stored-page'

/** Every listing of the site with the pages that it stands on. */
export async function everyListing(db: Db): Promise<readonly ListingRow[]> {
  const [rows, places] = await Promise.all([
    db
      .selectFrom('listings as l')
      .leftJoin('accounts as a', 'a.id', 'l.draft_by')
      .selectAll('l')
      .select('a.name as changed_by')
      .execute(),
    listingPlaces(db),
  ])
  return rows.flatMap((row): readonly ListingRow[] => {
    const standing = places.get(row.id) ?? []
    // What stands nowhere was taken off: only Undo, or a page's history, brings it back.
    if (standing.length === 0) return []
    return [
      {
        ...editedListing(row),
        places: standing,
        changedAt: row.draft_at?.getTime() ?? null,
        changedBy: row.changed_by,
        changed: row.published === null || differs(row.draft, row.published),
      },
    ]
  })
}

/** Where listings stand that stand on other pages than this, by their ids. */
export async function placesElsewhere(
  db: Db,
  pageId: number,
): Promise<Readonly<Record<string, readonly ListingPlace[]>>> {
  const places = await listingPlaces(db)
  return Object.fromEntries(
    [...places].flatMap(([listing, all]) => {
      const others = all.filter((one) => one.page.id !== pageId)
      return others.length === 0 ? [] : [[listing, others]]
    }),
  )
}

/** Where each listing stands, in the site's order of pages. */
async function listingPlaces(db: Db): Promise<ReadonlyMap<string, readonly ListingPlace[]>> {
  const rows = await db
    .selectFrom('pages')
    .select(['id', 'draft', 'published'])
    .where('deleted_at', 'is', null)
    .orderBy('position')
    .orderBy('id')
    .execute()
  const places = new Map<string, ListingPlace[]>()
  for (const { id, draft, published } of rows)
    for (const [listing, place] of placesOn(id, readPage(draft), published && readPage(published)))
      places.set(listing, [...(places.get(listing) ?? []), place])
  return places
}

/** What stands on a page, or what visitors still have there, each placement once. */
function placesOn(id: number, draft: Page, live: Page | null): readonly (readonly [string, ListingPlace])[] {
  const shown = live === null ? [] : shownListingsOf(live)
  const isLive = (listing: string) => shown.some((one) => one.listing === listing)
  const shelved = new Set(draft.shelf.map((one) => one.id))
  const here = placedListingsOf(draft)
  const gone = shown.filter((one) => !here.some((other) => other.listing === one.listing))
  return [...here, ...gone].map(
    (one) =>
      [
        one.listing,
        {
          page: { id, title: draft.title },
          placement: one.id,
          isShelved: shelved.has(one.id),
          isLive: isLive(one.listing),
          isTakenOff: gone.includes(one),
        },
      ] as const,
  )
}
