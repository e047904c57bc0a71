import { isPattern } from '../../core/content/entry-address'
import { freePageAddress } from '../../core/pages/address'
import { isPlainAddress, sharedAreaAt } from '../../core/pages/shared-address'
import { parseNamedPage } from '../../core/pages/page-input'
import type { EditedPage } from '../../core/pages/answers'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { loadSite } from '../site/site'
import { entryAt } from './entry-page'
import { pageAddresses } from './insert-page'
import { editedPage, overtakenPage } from './pages'
import { lockedPage, readPage } from './stored-page'

/**
 * Throws 422 where a page or an entry is found at an address already. What visitors get there though no
 * hand made it, as for a term, gives way to a page that somebody makes.
 */
export async function refuseTakenAddress(trx: Trx, path: string, pageId: number | null): Promise<void> {
  const other = await trx
    .selectFrom('pages')
    .select('draft')
    .where('path', '=', path)
    .where('deleted_at', 'is', null)
    .where('id', 'is distinct from', pageId)
    .executeTakeFirst()
  if (other) throw taken(`The page “${other.draft.title}”`)
  const entry = await entryAt(trx, await loadSite(trx), path, Date.now())
  if (entry?.kind === 'page') throw taken(`The entry “${entry.head.title}”`)
}

function taken(by: string) {
  return refused([{ path: 'address', message: `${by} has this address. Choose another.` }])
}

/**
 * Gives a page another title, in its draft, and another address, at once: the old one leads to it.
 * Throws 409 where the draft is another by now than was seen.
 */
export async function namePage(
  db: Db,
  id: number,
  input: unknown,
  writer: { readonly id: string },
): Promise<EditedPage> {
  const { title, address, version } = accepted(parseNamedPage(input))
  await transact(db, async (trx) => {
    const row = await lockedPage(trx, id)
    if (!row) throw missing('The page')
    if (row.draft_version !== version) throw await overtakenPage(trx, id)
    if (address !== null && row.path !== address) await movePage(trx, id, row.path, address)
    if (row.draft.title === title) return
    await trx
      .updateTable('pages')
      .set({
        draft: JSON.stringify({ ...readPage(row.draft), title }),
        draft_version: version + 1,
        draft_by: writer.id,
        draft_at: new Date(),
      })
      .where('id', '=', id)
      .execute()
  })
  return editedPage(db, id)
}

async function movePage(trx: Trx, id: number, from: string, to: string): Promise<void> {
  if (isPattern(from))
    throw refused([
      { path: 'address', message: 'This page stands where its entries do, and goes with them.' },
    ])
  if (sharedAreaAt(from) !== null)
    throw refused([{ path: 'address', message: 'A shared area has no address: it stands on pages.' }])
  if (from === '/')
    throw refused([
      { path: 'address', message: 'This is the front page. Make another the front page first.' },
    ])
  await refuseTakenAddress(trx, to, id)
  await leadOn(trx, id, from, to)
}

/**
 * Puts a page at an address. What it had before leads to the page itself, wherever it is by then, so
 * that no address leads to another that leads on, and none in a circle.
 */
async function leadOn(trx: Trx, id: number, from: string, to: string): Promise<void> {
  await trx.updateTable('pages').set({ path: to }).where('id', '=', id).execute()
  await trx.deleteFrom('old_addresses').where('path', '=', to).where('page_id', 'is not', null).execute()
  await trx
    .insertInto('old_addresses')
    .values({ path: from, entry_id: null, term_id: null, page_id: id })
    .onConflict((on) =>
      on.column('path').doUpdateSet({ entry_id: null, term_id: null, page_id: id, moved_at: new Date() }),
    )
    .execute()
  await recordChange(trx, { kind: 'page', subjectId: id })
}

/** Puts a page at “/”; the one that stood there gets an address of its own. */
export async function makeFrontPage(db: Db, id: number): Promise<void> {
  await transact(db, async (trx) => {
    const rows = await trx
      .selectFrom('pages')
      .select(['id', 'path', 'draft', 'published'])
      .where((where) => where.or([where('id', '=', id), where('path', '=', '/')]))
      .where('deleted_at', 'is', null)
      .orderBy('id')
      .forUpdate()
      .execute()
    const [page, before] = [rows.find((row) => row.id === id), rows.find((row) => row.path === '/')]
    if (page === undefined) throw missing('The page')
    if (page === before) return
    if (!isPlainAddress(page.path) || page.published === null)
      throw refused([
        {
          path: 'address',
          message: 'Visitors don’t have this page yet. Publish it, then make it the front page.',
        },
      ])
    if (before !== undefined)
      await trx
        .updateTable('pages')
        .set({ path: freePageAddress(before.draft.title, await pageAddresses(trx)) })
        .where('id', '=', before.id)
        .execute()
    await leadOn(trx, id, page.path, '/')
  })
}

/** Where the page is by now that had an address once; null where none had. */
export async function movedPageAddress(db: Db, path: string): Promise<string | null> {
  const row = await db
    .selectFrom('old_addresses as o')
    .innerJoin('pages as p', 'p.id', 'o.page_id')
    .select('p.path')
    .where('o.path', '=', path)
    .where('p.deleted_at', 'is', null)
    .where('p.published', 'is not', null)
    .executeTakeFirst()
  return row?.path ?? null
}
