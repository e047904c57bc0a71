import { number, object } from 'yup'
import type { StoredListing } from '../../core/listing/definition'
import type { Page } from '../../core/pages/definition'
import type { EditedPage } from '../../core/pages/answers'
import { furnitureAt } from '../../core/pages/shared-address'
import { sharedOn } from '../../core/pages/shared-areas'
import { shownListingsOf } from '../../core/pages/standing'
import { parseWith } from '../../core/parsing'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import type { Writer } from './insert-page'
import { editedPage, listingRows, overtakenPage } from './pages'
import { lockedPage, readPage } from './stored-page'

/** The versions that somebody had seen when they published: of the page, and of each listing on it. */
export interface SeenVersions {
  readonly version: number
  readonly listings: Readonly<Record<string, number>>
}

/** What goes live together: a page with the listings on it. */
interface Publication {
  readonly page: Page
  readonly listings: Readonly<Record<string, StoredListing>>
}

/**
 * Makes the draft of a page and its listings what visitors see; what was planned for it is given up.
 * Throws 409 when one of them is another by now than was seen: a listing may stand on other pages,
 * where somebody works on it.
 */
export async function publishPage(
  db: Db,
  id: number,
  seen: SeenVersions,
  writer: Writer,
): Promise<EditedPage> {
  await transact(db, async (trx) => {
    const draft = await seenDraft(trx, id, seen)
    await trx.deleteFrom('planned_publications').where('page_id', '=', id).execute()
    await goLive(trx, id, draft, writer.id)
  })
  return editedPage(db, id)
}

const atSchema = object({ at: number().integer().required('Say when.') })
const longestAhead = 5 * 366 * 86_400_000

/**
 * Plans that the draft as it is now goes live by the clock, in place of what was planned before. `now`
 * is epoch milliseconds. Throws 409 as `publishPage` does, 422 for a time that is past or too far off.
 */
export async function planPage(
  db: Db,
  id: number,
  seen: SeenVersions,
  input: unknown,
  writer: Writer,
  now = Date.now(),
): Promise<EditedPage> {
  const { at } = accepted(parseWith(atSchema, input))
  if (at <= now || at > now + longestAhead)
    throw refused([{ path: 'at', message: 'Choose a time to come, five years ahead at most.' }])
  await transact(db, async (trx) => {
    const { page, listings } = await seenDraft(trx, id, seen)
    const plan = {
      due: new Date(at),
      page: JSON.stringify(page),
      listings: JSON.stringify(listings),
      planned_by: writer.id,
      planned_at: new Date(now),
    }
    await trx
      .insertInto('planned_publications')
      .values({ page_id: id, ...plan })
      .onConflict((on) => on.column('page_id').doUpdateSet(plan))
      .execute()
  })
  return editedPage(db, id)
}

/** Gives up what was planned for a page. */
export async function unplanPage(db: Db, id: number): Promise<EditedPage> {
  await db.deleteFrom('planned_publications').where('page_id', '=', id).execute()
  return editedPage(db, id)
}

/**
 * Makes live what is due at `now` (epoch milliseconds), also what came due while no server ran: each
 * once, however many servers look. How many there were.
 */
export async function publishPlanned(db: Db, now: number): Promise<number> {
  for (let count = 0; ; count += 1) {
    const isDone = await transact(db, async (trx) => {
      const plan = await trx
        .selectFrom('planned_publications')
        .selectAll()
        .where('due', '<=', new Date(now))
        .orderBy('due')
        .limit(1)
        .forUpdate()
        .skipLocked()
        .executeTakeFirst()
      if (plan === undefined) return true
      await trx.deleteFrom('planned_publications').where('page_id', '=', plan.page_id).execute()
      if ((await lockedPage(trx, plan.page_id)) !== undefined)
        await goLive(
          trx,
          plan.page_id,
          { page: readPage(plan.page), listings: plan.listings },
          plan.planned_by,
        )
      return false
    })
    if (isDone) return count
  }
}

/** The draft of a page, where it and its listings are what was seen. Throws 404 and 409. */
async function seenDraft(trx: Trx, id: number, seen: SeenVersions): Promise<Publication> {
  const row = await lockedPage(trx, id)
  if (!row) throw missing('The page')
  const page = readPage(row.draft)
  const listings = await listingRows(trx, page)
  if (
    row.draft_version !== seen.version ||
    listings.some((one) => seen.listings[one.id] !== one.draft_version)
  )
    throw await overtakenPage(trx, id)
  return { page, listings: Object.fromEntries(listings.map((one) => [one.id, one.draft])) }
}

/** Makes a page with its listings what visitors see, and tells of every page that shows any of it. */
export async function goLive(
  trx: Trx,
  id: number,
  { page, listings }: Publication,
  by: string | null,
): Promise<void> {
  const now = new Date()
  await trx
    .updateTable('pages')
    .set({ published: JSON.stringify(page), published_at: now })
    .where('id', '=', id)
    .execute()
  for (const [listing, definition] of Object.entries(listings))
    await trx
      .updateTable('listings')
      .set({ published: JSON.stringify(definition) })
      .where('id', '=', listing)
      .execute()
  await trx
    .insertInto('page_versions')
    .values({
      page_id: id,
      page: JSON.stringify(page),
      listings: JSON.stringify(listings),
      published_at: now,
      published_by: by,
    })
    .execute()
  await announce(trx, id, Object.keys(listings))
}

/** A listing may stand on other pages too, and a shared area does: all of them change, or every page. */
async function announce(trx: Trx, pageId: number, listings: readonly string[]): Promise<void> {
  const rows = await trx
    .selectFrom('pages')
    .select(['id', 'path', 'published'])
    .where('published', 'is not', null)
    .where('deleted_at', 'is', null)
    .execute()
  const pages = rows.flatMap(({ id, path, published }) =>
    published ? [{ id, path, page: readPage(published) }] : [],
  )
  const changed = new Set(
    pages
      .filter(
        ({ id, page }) =>
          id === pageId || shownListingsOf(page).some((one) => listings.includes(one.listing)),
      )
      .map((one) => one.id),
  )
  if (pages.some(({ id, path }) => changed.has(id) && furnitureAt(path) !== null))
    return recordChange(trx, { kind: 'site', subjectId: null })
  for (const { id, page } of pages)
    if (changed.has(id) || sharedOn(page).some((area) => changed.has(area)))
      await recordChange(trx, { kind: 'page', subjectId: id })
}
