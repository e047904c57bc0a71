import { sql } from 'kysely'
import { DateTime } from 'luxon'
import type { ShelvedElsewhere } from '../../core/pages/answers'
import { withDueReturned } from '../../core/pages/parking'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { recordChange } from '../live/record-change'
import { loadSite } from '../site/site'
import { editedPage } from './pages'
import { writeShelf } from './shelf-moves'
import { lockedPage, readPage } from './stored-page'

/** What lies on the shelves of the other pages, with what a listing among it shows. */
export async function shelvedElsewhere(db: Db, pageId: number): Promise<readonly ShelvedElsewhere[]> {
  const rows = await db
    .selectFrom('pages')
    .select('id')
    .where('id', '!=', pageId)
    .where('deleted_at', 'is', null)
    .where(sql<boolean>`jsonb_array_length(draft -> 'shelf') > 0`)
    .orderBy('position')
    .orderBy('id')
    .execute()
  const pages = await Promise.all(rows.map((row) => editedPage(db, row.id)))
  return pages.flatMap(({ id, page, listings }) =>
    page.shelf.map((placement) => ({
      page: { id, title: page.title },
      placement,
      listing:
        placement.kind === 'listing' ? (listings.find((one) => one.id === placement.listing) ?? null) : null,
    })),
  )
}

/**
 * Brings back what lies on shelves until the day of `now` (epoch milliseconds) in the site's zone: in what
 * visitors have of a page, and in its draft. How many pages that changed.
 */
export async function returnParked(db: Db, now: number): Promise<number> {
  const { zone } = await loadSite(db)
  const today = DateTime.fromMillis(now, { zone }).toFormat('yyyy-MM-dd')
  const due = (column: 'draft' | 'published') =>
    sql<boolean>`jsonb_path_exists(${sql.ref(column)}, '$.shelf[*].parked.until ? (@ <= $today)', ${JSON.stringify({ today })}::jsonb)`
  const rows = await db
    .selectFrom('pages')
    .select('id')
    .where('deleted_at', 'is', null)
    .where((where) => where.or([due('draft'), due('published')]))
    .orderBy('id')
    .execute()
  for (const { id } of rows) await transact(db, (trx) => returnOn(trx, id, today))
  return rows.length
}

async function returnOn(trx: Trx, id: number, today: string): Promise<void> {
  const row = await lockedPage(trx, id)
  if (row === undefined) return
  const draft = readPage(row.draft)
  const returned = withDueReturned(draft, today)
  if (returned !== draft) await writeShelf(trx, id, returned, row.draft_version)
  const live = row.published === null ? null : readPage(row.published)
  const shown = live === null ? null : withDueReturned(live, today)
  if (shown === null || shown === live) return
  await trx
    .updateTable('pages')
    .set({ published: JSON.stringify(shown) })
    .where('id', '=', id)
    .execute()
  await recordChange(trx, { kind: 'page', subjectId: id })
}
