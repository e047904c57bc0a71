import { parseListing } from '../../core/listing/definition'
import { shownPlacementsOf } from '../../core/pages/definition'
import type { Db } from '../db/client'
import type { Change } from './record-change'

/** The collections that a published page shows entries of. */
export async function collectionsOnPage(db: Db, pageId: number): Promise<ReadonlySet<number>> {
  const row = await db.selectFrom('pages').select('published').where('id', '=', pageId).executeTakeFirst()
  const ids = row?.published ? shownPlacementsOf(row.published).map((placement) => placement.listing) : []
  if (ids.length === 0) return new Set()
  const listings = await db.selectFrom('listings').select('published').where('id', 'in', ids).execute()
  return new Set(
    listings.flatMap(({ published }) => {
      const parsed = parseListing(published)
      return parsed.ok ? parsed.value.from.collections : []
    }),
  )
}

/** Whether a change can alter what a page shows. */
export function touchesPage(change: Change, pageId: number, collections: ReadonlySet<number>): boolean {
  switch (change.kind) {
    case 'site':
      return true
    case 'page':
      return change.subjectId === pageId
    case 'collection':
      return change.subjectId !== null && collections.has(change.subjectId)
  }
}
