import { isPattern } from '../../core/content/entry-address'
import type { DeletedPage, PageRow } from '../../core/pages/answers'
import { pageKeptDays } from '../../core/pages/page-input'
import { sharedAreaAt } from '../../core/pages/shared-address'
import { shownListingsOf } from '../../core/pages/standing'
import type { Db } from '../db/client'
import { editedPage } from './pages'

/** Every page, in the site's order. */
export async function pageRows(db: Db): Promise<readonly PageRow[]> {
  const rows = await db
    .selectFrom('pages')
    .select(['id', 'path'])
    .where('deleted_at', 'is', null)
    .orderBy('position')
    .orderBy('id')
    .execute()
  const own = rows.filter((row) => sharedAreaAt(row.path) === null)
  const pages = await Promise.all(own.map((row) => editedPage(db, row.id)))
  // The page of what was deleted, as a collection, waits for it to come back.
  return pages
    .filter((one) => one.subject !== null || !isPattern(one.path))
    .map((one) => {
      const names = new Map(one.listings.map((listing) => [listing.id, listing.definition.name]))
      return {
        id: one.id,
        path: one.path,
        version: one.version,
        address: one.subject === null ? one.path : (one.subject.sample?.address ?? null),
        title: one.page.title,
        frame: one.page.frame,
        listings: shownListingsOf(one.page).map((placement) => names.get(placement.listing) ?? ''),
        savedAt: one.savedAt,
        publishedAt: one.publishedAt,
        changed: one.changed,
      }
    })
}

/** The pages that were deleted and can be put back, the last first. */
export async function deletedPages(db: Db): Promise<readonly DeletedPage[]> {
  const rows = await db
    .selectFrom('pages')
    .select(['id', 'path', 'draft', 'deleted_at'])
    .where('deleted_at', 'is not', null)
    .orderBy('deleted_at', 'desc')
    .orderBy('id')
    .execute()
  return rows.flatMap(({ id, path, draft, deleted_at: at }) =>
    at === null
      ? []
      : [
          {
            id,
            path,
            title: draft.title,
            deletedAt: at.getTime(),
            until: at.getTime() + pageKeptDays * dayLength,
          },
        ],
  )
}

const dayLength = 86_400_000
