import { sql } from 'kysely'
import type { Page, Placement } from '../../core/pages/definition'
import { placementsOf } from '../../core/pages/standing'
import type { Trx } from '../db/client'
import { lockedPage, readPage } from './stored-page'

/**
 * Keeps what is placed in one place when a draft is saved: what came to the page from another's shelf
 * lies there no more, and what came so and is gone from the page again is back on that shelf. A thing is
 * never lost by an undo, nor doubled.
 */
export async function settleShelves(trx: Trx, pageId: number, before: Page, after: Page): Promise<void> {
  const [was, is] = [placementsOf(before), placementsOf(after)]
  const came = is.filter((one) => !was.some((other) => other.id === one.id))
  const left = was.filter((one) => !is.some((other) => other.id === one.id))
  for (const placement of came) await takeFromShelves(trx, pageId, placement)
  for (const placement of left) await giveBack(trx, pageId, placement)
}

async function takeFromShelves(trx: Trx, pageId: number, { id }: Placement): Promise<void> {
  const rows = await trx
    .selectFrom('pages')
    .select(['id', 'draft', 'draft_version'])
    .where('id', '!=', pageId)
    .where('deleted_at', 'is', null)
    .where(sql<boolean>`draft -> 'shelf' @> ${JSON.stringify([{ id }])}::jsonb`)
    .orderBy('id')
    .forUpdate()
    .execute()
  for (const row of rows) {
    const page = readPage(row.draft)
    const shelf = page.shelf.filter((one) => one.id !== id)
    await writeShelf(trx, row.id, { ...page, shelf }, row.draft_version)
    const move = { placement_id: id, from_page: row.id, to_page: pageId }
    await trx
      .insertInto('shelf_moves')
      .values(move)
      .onConflict((on) => on.column('placement_id').doUpdateSet({ ...move, moved_at: new Date() }))
      .execute()
  }
}

async function giveBack(trx: Trx, pageId: number, placement: Placement): Promise<void> {
  const move = await trx
    .deleteFrom('shelf_moves')
    .where('placement_id', '=', placement.id)
    .where('to_page', '=', pageId)
    .returning('from_page')
    .executeTakeFirst()
  if (move === undefined) return
  const row = await lockedPage(trx, move.from_page)
  if (row === undefined) return
  const page = readPage(row.draft)
  if (placementsOf(page).some((one) => one.id === placement.id)) return
  await writeShelf(trx, move.from_page, { ...page, shelf: [placement, ...page.shelf] }, row.draft_version)
}

/** Writes a draft of which only the shelf is another, as its next version. */
export async function writeShelf(trx: Trx, id: number, page: Page, version: number): Promise<void> {
  await trx
    .updateTable('pages')
    .set({ draft: JSON.stringify(page), draft_version: version + 1 })
    .where('id', '=', id)
    .execute()
}
