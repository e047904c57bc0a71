import { sql } from 'kysely'
import { withPutBack, withoutListing } from '../../core/pages/taken-off'
import { parsePage } from '../../core/pages/parse-page'
import type { Db, Trx } from '../db/client'
import type { TakenFromPage } from '../db/schema'
import { transact } from '../db/transact'
import { accepted, missing } from '../http/problem'
import type { Writer } from './insert-page'
import { differs } from './pages'
import { readPage, writeDraft } from './stored-page'

/**
 * Takes a listing off the drafts and the shelves of all pages; visitors have it until these are
 * published. Throws 404 where it is on none.
 */
export async function takeListingOff(db: Db, listing: string, writer: Writer): Promise<void> {
  await transact(db, async (trx) => {
    const rows = await lockedPages(
      trx,
      (draft) =>
        sql<boolean>`jsonb_path_exists(${draft}, '$.**.listing ? (@ == $listing)', ${JSON.stringify({ listing })}::jsonb)`,
    )
    const taken: TakenFromPage[] = []
    for (const row of rows) {
      const { page, taken: things } = withoutListing(readPage(row.draft), listing)
      if (things.length === 0) continue
      taken.push({ page: row.id, things })
      await writeDraft(trx, row.id, page, row.draft_version, writer)
    }
    if (taken.length === 0) throw missing('This listing')
    await trx
      .updateTable('listings')
      .set({ taken_off: JSON.stringify(taken) })
      .where('id', '=', listing)
      .execute()
  })
}

/**
 * Puts a listing back on every page that it was taken off last. Throws 404 where it was taken off none, 422
 * where a page has no room for it any more.
 */
export async function putListingBack(db: Db, listing: string, writer: Writer): Promise<void> {
  await transact(db, async (trx) => {
    const row = await trx
      .selectFrom('listings')
      .select('taken_off')
      .where('id', '=', listing)
      .executeTakeFirst()
    if (!row?.taken_off) throw missing('What was taken off')
    const taken = new Map(row.taken_off.map((one) => [one.page, one.things]))
    const pages = await lockedPages(trx, () => sql<boolean>`id = any(${[...taken.keys()]})`)
    for (const { id, draft, draft_version } of pages) {
      const before = readPage(draft)
      const page = accepted(parsePage(withPutBack(before, taken.get(id) ?? [])), 'page')
      if (differs(page, before)) await writeDraft(trx, id, page, draft_version, writer)
    }
    await trx.updateTable('listings').set({ taken_off: null }).where('id', '=', listing).execute()
  })
}

/** Pages that a condition names, those that were deleted with them, for whoever writes them next. */
function lockedPages(
  trx: Trx,
  condition: (draft: ReturnType<typeof sql.ref>) => ReturnType<typeof sql<boolean>>,
) {
  return trx
    .selectFrom('pages')
    .select(['id', 'draft', 'draft_version'])
    .where(condition(sql.ref('draft')))
    .orderBy('id')
    .forUpdate()
    .execute()
}
