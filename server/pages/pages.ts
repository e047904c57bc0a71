import type { Selectable } from 'kysely'
import { LRUCache } from 'lru-cache'
import { newListing, parseListing, storedListing } from '../../core/listing/definition'
import type { Listing, StoredListing } from '../../core/listing/definition'
import type { PageDocument } from '../../core/edits/document'
import { parsePage } from '../../core/pages/parse-page'
import { sharedAreaAt } from '../../core/pages/shared-address'
import { placedListingsOf } from '../../core/pages/standing'
import type { Page } from '../../core/pages/definition'
import type { Db, Trx } from '../db/client'
import type { Database } from '../db/schema'
import { transact } from '../db/transact'
import { accepted, missing, overtaken, refused } from '../http/problem'
import type { Problem } from '../http/problem'
import { subjectOfPage } from './subjects'
import { settleShelves } from './shelf-moves'
import { lockedPage, readPage, withShownAreas, writeDraft } from './stored-page'
import type { Listings } from './shown-on-page'
import type { EditedListing, EditedPage } from '../../core/pages/answers'

type StoredDefinition = Pick<EditedListing, 'definition' | 'trouble'>

/**
 * Definitions that were read, by their text: checking one takes a hundred times as long as writing
 * it down.
 */
const read = new LRUCache<string, StoredDefinition>({ max: 1000 })

/** A stored listing as `readStored` reads it, each version once. */
function stored(definition: unknown): StoredDefinition {
  const text = JSON.stringify(definition)
  const known = read.get(text) ?? readStored(definition)
  read.set(text, known)
  return known
}

/** A stored listing as one of today; as a listing of nothing where it can't be read. */
export function readListing(definition: unknown): Listing {
  return stored(definition).definition
}

/**
 * Reads a stored listing. One that can't be read, as from an older and laxer Bushel, stands for
 * itself as a listing of nothing.
 */
function readStored(definition: unknown): StoredDefinition {
  const parsed = parseListing(definition)
  if (parsed.ok) return { definition: parsed.value }
  const name: unknown =
    typeof definition === 'object' && definition !== null ? Reflect.get(definition, 'name') : ''
  const named = newListing(
    typeof name === 'string' && name.trim() !== '' ? name.trim().slice(0, 120) : 'A listing',
    1,
  )
  const [fault] = parsed.faults
  return {
    definition: { ...named, from: { ...named.from, by: 'hand' } },
    trouble: `What is stored of this listing can’t be read (${fault?.path ?? ''}: ${fault?.message ?? ''}). It shows nothing until it is set up anew.`,
  }
}

/** The page of visitors at a path, with its shared areas, or null when nothing is published there. */
export async function publishedPage(
  db: Db,
  path: string,
): Promise<{ id: number; page: Page; listings: Listings } | null> {
  const row = await db
    .selectFrom('pages')
    .select(['id', 'published'])
    .where('path', '=', path)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row?.published) return null
  const page = await withShownAreas(db, readPage(row.published))
  return { id: row.id, page, listings: await publishedListings(db, page) }
}

/** The listings of a page as visitors have them. */
async function publishedListings(db: Db, page: Page): Promise<Listings> {
  const rows = await listingRows(db, page)
  return new Map(
    rows.flatMap((one) => (one.published ? [[one.id, stored(one.published).definition] as const] : [])),
  )
}

/** A page itself and its listings as visitors have them, without what it shares. Throws 404 where there is none, or never was. */
export async function liveDocument(db: Db, id: number): Promise<PageDocument> {
  const row = await db
    .selectFrom('pages')
    .select('published')
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row?.published) throw missing('What visitors see of the page')
  const page = readPage(row.published)
  return { page, listings: Object.fromEntries(await publishedListings(db, page)) }
}

/** A page with its drafts. Throws 404 when it is not there. */
export async function editedPage(db: Db, id: number): Promise<EditedPage> {
  const row = await db
    .selectFrom('pages as p')
    .leftJoin('accounts as a', 'a.id', 'p.draft_by')
    .leftJoin('planned_publications as n', 'n.page_id', 'p.id')
    .selectAll('p')
    .select(['a.name as saved_by', 'n.due', 'n.planned_at'])
    .where('p.id', '=', id)
    .where('p.deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row) throw missing('The page')
  const page = readPage(row.draft)
  const [rows, subject] = await Promise.all([listingRows(db, page), subjectOfPage(db, row.path)])
  return {
    id: row.id,
    path: row.path,
    subject,
    version: row.draft_version,
    page,
    listings: rows.map(editedListing),
    savedAt: row.draft_at.getTime(),
    savedBy: row.saved_by,
    publishedAt: row.published_at?.getTime() ?? null,
    planned:
      row.due === null || row.planned_at === null
        ? null
        : { due: row.due.getTime(), as: row.planned_at.getTime() },
    changed:
      row.published === null ||
      differs(page, readPage(row.published)) ||
      rows.some((one) => differs(one.draft, one.published)),
  }
}

/** A stored listing as the bench edits it. */
export function editedListing(
  row: Pick<Selectable<Database['listings']>, 'id' | 'draft' | 'draft_version'>,
): EditedListing {
  return { id: row.id, version: row.draft_version, ...stored(row.draft) }
}

/** The address of a page; a pattern for a page of many things. Throws 404 when it is not there. */
export async function pagePath(db: Db, id: number): Promise<string> {
  const row = await db
    .selectFrom('pages')
    .select('path')
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row) throw missing('The page')
  return row.path
}

/** A draft as the bench sends it. */
export interface DraftInput {
  readonly version: number
  readonly page: unknown
  /** For a preview: whether the whole document is wanted. */
  readonly whole?: boolean
  /** For a preview: what a visitor asks of the page, as its address has it. */
  readonly visitor?: string
  readonly listings: readonly {
    readonly id: string
    readonly version: number
    readonly definition: unknown
  }[]
}

/** Reads a draft's definitions. Throws 422 with paths under `page` and `listings[n].definition`. */
export function parseDraft(input: DraftInput): { page: Page; listings: readonly EditedListing[] } {
  const page = accepted(parsePage(input.page), 'page')
  const listings = input.listings.map(({ id, version, definition }, at) => ({
    id,
    version,
    definition: accepted(parseListing(definition), `listings[${at}].definition`),
  }))
  return { page, listings }
}

/**
 * Saves the draft of a page with the listings that changed, all or nothing. Throws 409 with the
 * page as it stands when it, or one of the listings, was saved by somebody else in between.
 */
export async function saveDraft(
  db: Db,
  id: number,
  input: DraftInput,
  writer: { readonly id: string },
): Promise<EditedPage> {
  const { page, listings } = parseDraft(input)
  const sent = listings.map((one) => one.id)
  await transact(db, async (trx) => {
    const row = await lockedPage(trx, id)
    if (!row) throw missing('The page')
    if (row.draft_version !== input.version) throw await overtakenPage(trx, id, sent)
    for (const listing of listings) {
      if (!(await writeListing(trx, listing, writer.id))) throw await overtakenPage(trx, id, sent)
    }
    await refuseUnknownListings(trx, page)
    await refuseUnknownAreas(trx, page)
    if ((page.only ?? null) !== sharedAreaAt(row.path))
      throw refused([{ path: 'page.only', message: 'A page is whole, and a shared area is one area.' }])
    await settleShelves(trx, id, readPage(row.draft), page)
    await writeDraft(trx, id, page, row.draft_version, writer)
  })
  return editedPage(db, id)
}

/** Keeps `in ()` lists from being empty, which SQL does not allow. */
export const nobody = '00000000-0000-0000-0000-000000000000'

/** The listings that stand on a page or its shelf, as they are stored. */
export async function listingRows(db: Db | Trx, page: Page) {
  const ids = [...new Set(placedListingsOf(page).map((placement) => placement.listing))]
  return db
    .selectFrom('listings')
    .selectAll()
    .where('id', 'in', [...ids, nobody])
    .orderBy('id')
    .execute()
}

/** Writes a listing over the version its writer had seen; false when that is not the newest. */
async function writeListing(
  trx: Trx,
  { id, version, definition }: EditedListing,
  by: string,
): Promise<boolean> {
  const draft = JSON.stringify(storedListing(definition))
  if (version === 0) {
    const added = await trx
      .insertInto('listings')
      .values({ id, draft, draft_by: by, published: null })
      .onConflict((on) => on.column('id').doNothing())
      .returning('id')
      .executeTakeFirst()
    return added !== undefined
  }
  const changed = await trx
    .updateTable('listings')
    .set({ draft, draft_version: version + 1, draft_at: new Date(), draft_by: by })
    .where('id', '=', id)
    .where('draft_version', '=', version)
    .returning('id')
    .executeTakeFirst()
  return changed !== undefined
}

/** Throws 422 where something on a page names a listing that is not there. */
export async function refuseUnknownListings(trx: Trx, page: Page): Promise<void> {
  const known = new Set((await listingRows(trx, page)).map((row) => row.id))
  const stray = placedListingsOf(page).find((placement) => !known.has(placement.listing))
  if (stray)
    throw refused([
      { path: 'page.areas', message: `The placement ${stray.id} names a listing that is not there.` },
    ])
}

/** Throws 422 where a page names a shared area that never was, or one of another area. */
async function refuseUnknownAreas(trx: Trx, page: Page): Promise<void> {
  const named = Object.entries(page.shared ?? {})
  if (named.length === 0) return
  const ids = named.map(([, id]) => id)
  const rows = await trx.selectFrom('pages').select(['id', 'path']).where('id', 'in', ids).execute()
  const areas = new Map(rows.map((row) => [row.id, sharedAreaAt(row.path)]))
  const stray = named.find(([area, id]) => areas.get(id) !== area)
  if (stray)
    throw refused([
      {
        path: `page.shared.${stray[0]}`,
        message: 'There is no such shared area for this place. Choose another.',
      },
    ])
}

/** Tells of a page as it stands, and of the listings that were sent, wherever they stand by now. */
export async function overtakenPage(trx: Trx, id: number, sent: readonly string[] = []): Promise<Problem> {
  const page = await editedPage(trx, id)
  const others = sent.filter((one) => !page.listings.some((listing) => listing.id === one))
  const rows = await trx
    .selectFrom('listings')
    .selectAll()
    .where('id', 'in', [...others, nobody])
    .execute()
  const current = { ...page, listings: [...page.listings, ...rows.map(editedListing)] }
  return overtaken(
    `${page.savedBy ?? 'Somebody'} saved this page, or a listing on it, after you opened it.`,
    current,
  )
}

/** Whether two definitions are not the same. */
export function differs(a: Page | StoredListing, b: Page | StoredListing | null): boolean {
  return JSON.stringify(a) !== JSON.stringify(b)
}
