import { randomUUID } from 'node:crypto'
import type { PageDocument } from '../../core/edits/document'
import { isPattern } from '../../core/content/entry-address'
import { freePageAddress } from '../../core/pages/address'
import { copiedPage } from '../../core/pages/copy'
import { newPage } from '../../core/pages/definition'
import { furnitureAt, sharedAreaAddress, sharedAreaAt } from '../../core/pages/shared-address'
import { sharedOn } from '../../core/pages/shared-areas'
import { parseNewPage } from '../../core/pages/page-input'
import type { PageBeginning } from '../../core/pages/page-input'
import { madeFrom, readyMadePages } from '../../core/pages/ready-made'
import { loadCatalogue } from '../content/catalogue'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, refused } from '../http/problem'
import { askingAnew } from '../listings/ask'
import { recordChange } from '../live/record-change'
import { insertPage, pageAddresses } from './insert-page'
import type { Writer } from './insert-page'
import { refuseTakenAddress } from './page-addresses'
import { editedPage } from './pages'
import { draftDocument } from './public-document'
import { readPage } from './stored-page'

/** Makes a page, as a draft that visitors don't have yet. Throws 422 for what is wrong. */
export async function addPage(db: Db, input: unknown, writer: Writer): Promise<{ readonly id: number }> {
  const { title, address, beginning } = accepted(parseNewPage(input))
  const made = await begun(db, title, beginning)
  return transact(db, async (trx) => {
    await refuseTakenAddress(trx, address, null)
    return insertPage(trx, address, made, writer)
  })
}

async function begun(db: Db, title: string, beginning: PageBeginning): Promise<PageDocument> {
  if (beginning.with === 'frame') return { page: newPage(title, '', beginning.frame), listings: {} }
  const { collections } = await loadCatalogue(db)
  if (beginning.collection !== null && !collections.some((one) => one.id === beginning.collection))
    throw refused([{ path: 'beginning.collection', message: 'This collection is gone. Choose another.' }])
  const ready = readyMadePages.get(beginning.name)
  const { page, listings } = madeFrom(ready, title, collections, beginning.collection, randomUUID)
  return { page, listings: Object.fromEntries(listings) }
}

/** A ready-made page as it would begin, as a document. `now` is epoch milliseconds. Throws 404. */
export async function readyMadeDocument(
  db: Db,
  name: string,
  collection: number | null,
  now: number,
): Promise<string> {
  const ready = readyMadePages.find(name)
  if (ready === undefined) throw missing('The ready-made page')
  const { page, listings } = await begun(db, ready.title, {
    with: 'ready-made',
    name: ready.name,
    collection,
  })
  return draftDocument(
    db,
    askingAnew(db),
    { page, listings: new Map(Object.entries(listings)), path: '/' },
    { now, page: null, visit: 'bench' },
  )
}

/** Makes a page like another as it is worked on, with listings of its own. Throws 404. */
export async function copyPage(db: Db, id: number, writer: Writer): Promise<{ readonly id: number }> {
  const { page, path, listings } = await editedPage(db, id)
  if (isPattern(path))
    throw refused([
      { path: '', message: 'There is one page for all entries of a collection; it is not copied.' },
    ])
  // Cut between letters, never within one.
  const title = `${page.title.slice(0, 150).replace(/[\uD800-\uDBFF]$/, '')} (copy)`
  const document = { page, listings: Object.fromEntries(listings.map((one) => [one.id, one.definition])) }
  const area = sharedAreaAt(path)
  return transact(db, async (trx) =>
    insertPage(
      trx,
      area === null
        ? freePageAddress(page.title, await pageAddresses(trx))
        : sharedAreaAddress(area, randomUUID()),
      copiedPage(document, title, randomUUID),
      writer,
    ),
  )
}

/** Takes a page off the site, or puts it back where it was, where nothing else stands there by now. */
export async function setPageDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  await transact(db, async (trx) => {
    const row = await trx
      .selectFrom('pages')
      .select(['path', 'draft', 'deleted_at'])
      .where('id', '=', id)
      .forUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The page')
    if ((row.deleted_at !== null) === deleted) return
    if (deleted && row.path === '/')
      throw refused([
        { path: '', message: 'This is the front page. Make another the front page, then delete this one.' },
      ])
    if (deleted) await refuseUsedArea(trx, id, row.path)
    const back = { deleted_at: null, path: await addressOnReturn(trx, row.path, row.draft.title) }
    await trx
      .updateTable('pages')
      .set(deleted ? { deleted_at: new Date() } : back)
      .where('id', '=', id)
      .execute()
    await recordChange(
      trx,
      furnitureAt(row.path) === null ? { kind: 'page', subjectId: id } : { kind: 'site', subjectId: null },
    )
  })
}

/** Throws 422 where it is a shared area that pages have still. */
async function refuseUsedArea(trx: Trx, id: number, path: string): Promise<void> {
  if (sharedAreaAt(path) === null) return
  const rows = await trx
    .selectFrom('pages')
    .select(['draft', 'published'])
    .where('deleted_at', 'is', null)
    .execute()
  const used = rows.filter(({ draft, published }) =>
    [draft, ...(published === null ? [] : [published])].some((one) => sharedOn(readPage(one)).includes(id)),
  )
  if (used.length > 0)
    throw refused([
      {
        path: '',
        message: `${used.map((row) => `“${row.draft.title}”`).join(', ')} still have this area, or had it when they were published last. Give them another first, and publish them.`,
      },
    ])
}

/** The address of a page that comes back: its own, or a free one where another page has that. */
async function addressOnReturn(trx: Trx, path: string, title: string): Promise<string> {
  const taken = await pageAddresses(trx)
  if (!taken.has(path)) return path
  // What was the head or the foot of every page is an area to choose, where another is that by now.
  if (furnitureAt(path) !== null) return sharedAreaAddress('main', randomUUID())
  if (isPattern(path))
    throw refused([{ path: '', message: 'There is another page at this address by now. Delete it first.' }])
  return freePageAddress(title, taken)
}

/** Puts the pages into an order, first to last; what is not named comes after, as it was. */
export async function orderPages(db: Db, ids: readonly number[]): Promise<void> {
  await transact(db, async (trx) => {
    const rows = await trx
      .selectFrom('pages')
      .select('id')
      .orderBy('position')
      .orderBy('id')
      .forUpdate()
      .execute()
    const known = rows.map((row) => row.id)
    const order = [...new Set(ids.filter((id) => known.includes(id)))]
    const all = [...order, ...known.filter((id) => !order.includes(id))]
    for (const [position, id] of all.entries())
      await trx.updateTable('pages').set({ position }).where('id', '=', id).execute()
    const [first] = all
    if (first !== undefined) await recordChange(trx, { kind: 'page', subjectId: first })
  })
}
