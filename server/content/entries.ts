import { sql } from 'kysely'
import { parseEntryInput } from '../../core/content/entry-input'
import type { EntryInput } from '../../core/content/entry-input'
import type { Db, Trx } from '../db/client'
import { accepted, missing, overtaken, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { indexEntries } from './entry-index'
import type { EditedEntry } from '../../core/content/answers'

/** The entry. Throws 404 when it is not there. */
export async function loadEntry(db: Db, id: number): Promise<EditedEntry> {
  const row = await db
    .selectFrom('entries as e')
    .leftJoin('accounts as a', 'a.id', 'e.updated_by')
    .selectAll('e')
    .select('a.name as updated_by_name')
    .where('e.id', '=', id)
    .where('e.deleted_at', 'is', null)
    .executeTakeFirst()
  if (!row) throw missing('The entry')
  const terms = await db
    .selectFrom('entry_terms')
    .select('term_id')
    .where('entry_id', '=', id)
    .orderBy('position')
    .execute()
  return {
    id: row.id,
    collectionId: row.collection_id,
    version: row.version,
    updatedAt: row.updated_at.getTime(),
    updatedBy: row.updated_by_name,
    title: row.title,
    slug: row.slug,
    summary: row.summary,
    body: row.body,
    status: row.status,
    publishedAt: row.published_at?.getTime() ?? null,
    authorId: row.author_id,
    pictureId: row.picture_id,
    pinned: row.pinned,
    termIds: terms.map((term) => term.term_id),
  }
}

/** Adds an entry to a collection. Throws 404 for no such collection, 422 for input that is wrong. */
export async function addEntry(
  db: Db,
  collectionId: number,
  input: unknown,
  writer: { readonly id: string },
): Promise<EditedEntry> {
  const entry = accepted(parseEntryInput(input))
  const id = await db.transaction().execute(async (trx) => {
    await checkReferences(trx, collectionId, entry, null)
    const added = await trx
      .insertInto('entries')
      .values({ collection_id: collectionId, ...columnsOf(entry), updated_by: writer.id })
      .returning('id')
      .executeTakeFirstOrThrow()
    await writeTerms(trx, added.id, entry.termIds)
    await announce(trx, collectionId, [added.id])
    return added.id
  })
  return loadEntry(db, id)
}

/**
 * Saves an entry over the version its writer had seen. Throws 409 with the entry as it stands when
 * somebody saved in between, 422 for input that is wrong, 404 when it is not there.
 */
export async function saveEntry(
  db: Db,
  id: number,
  seenVersion: number,
  input: unknown,
  writer: { readonly id: string },
): Promise<EditedEntry> {
  const entry = accepted(parseEntryInput(input))
  await db.transaction().execute(async (trx) => {
    const before = await lockEntry(trx, id)
    if (before.version !== seenVersion) throw await overtakenEntry(trx, id)
    await checkReferences(trx, before.collection_id, entry, id)
    await trx
      .updateTable('entries')
      .set({ ...columnsOf(entry), version: before.version + 1, updated_at: new Date(), updated_by: writer.id })
      .where('id', '=', id)
      .execute()
    await writeTerms(trx, id, entry.termIds)
    await announce(trx, before.collection_id, [id])
  })
  return loadEntry(db, id)
}

/** Takes an entry out, or puts it back. Deleting can be undone. */
export async function setEntryDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  await db.transaction().execute(async (trx) => {
    const row = await trx
      .selectFrom('entries')
      .select(['collection_id', 'slug'])
      .where('id', '=', id)
      .forUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The entry')
    if (!deleted) await checkSlugFree(trx, row.collection_id, row.slug, id)
    await trx.updateTable('entries').set({ deleted_at: deleted ? new Date() : null }).where('id', '=', id).execute()
    await announce(trx, row.collection_id, [id])
  })
}

async function announce(trx: Trx, collectionId: number, ids: readonly number[]): Promise<void> {
  await indexEntries(trx, ids)
  await recordChange(trx, { kind: 'collection', subjectId: collectionId })
}

function columnsOf(entry: EntryInput) {
  return {
    title: entry.title,
    slug: entry.slug,
    summary: entry.summary,
    body: entry.body,
    status: entry.status,
    published_at: entry.publishedAt === null ? null : new Date(entry.publishedAt),
    author_id: entry.authorId,
    picture_id: entry.pictureId,
    pinned: entry.pinned,
  }
}

async function lockEntry(trx: Trx, id: number) {
  const row = await trx
    .selectFrom('entries')
    .select(['version', 'collection_id'])
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .forUpdate()
    .executeTakeFirst()
  if (!row) throw missing('The entry')
  return row
}

async function overtakenEntry(trx: Trx, id: number) {
  const current = await loadEntry(trx, id)
  const who = current.updatedBy ?? 'Somebody'
  return overtaken(`${who} saved this entry after you opened it. What you typed is still here; compare, then save again.`, current)
}

async function writeTerms(trx: Trx, entryId: number, termIds: readonly number[]): Promise<void> {
  await trx.deleteFrom('entry_terms').where('entry_id', '=', entryId).execute()
  if (termIds.length === 0) return
  await trx
    .insertInto('entry_terms')
    .values(termIds.map((termId, position) => ({ entry_id: entryId, term_id: termId, position })))
    .execute()
}

/** Everything an entry refers to must be there, and its address free. Faults name the field. */
async function checkReferences(trx: Trx, collectionId: number, entry: EntryInput, id: number | null): Promise<void> {
  const collection = await trx.selectFrom('collections').select('id').where('id', '=', collectionId).executeTakeFirst()
  if (!collection) throw missing('The collection')
  if (entry.authorId !== null && !(await isThere(trx, 'authors', entry.authorId)))
    throw refused([{ path: 'authorId', message: 'This author is gone. Choose another.' }])
  if (entry.pictureId !== null && !(await isThere(trx, 'media', entry.pictureId)))
    throw refused([{ path: 'pictureId', message: 'This picture is gone. Choose another.' }])
  const { allowed } = await trx
    .selectFrom('terms as t')
    .innerJoin('collection_facets as cf', 'cf.facet_id', 't.facet_id')
    .select(({ fn }) => fn.countAll<number>().as('allowed'))
    .where('cf.collection_id', '=', collectionId)
    .where('t.id', '=', sql<number>`any(${sql.val([...entry.termIds])}::integer[])`)
    .executeTakeFirstOrThrow()
  if (allowed !== entry.termIds.length)
    throw refused([{ path: 'termIds', message: 'One of the terms is gone or does not belong to this collection.' }])
  await checkSlugFree(trx, collectionId, entry.slug, id)
}

async function isThere(trx: Trx, table: 'authors' | 'media', id: number): Promise<boolean> {
  return (await trx.selectFrom(table).select('id').where('id', '=', id).executeTakeFirst()) !== undefined
}

async function checkSlugFree(trx: Trx, collectionId: number, slug: string, id: number | null): Promise<void> {
  // Two writers with one new slug wait for each other here, so that the second is told instead of failing.
  await sql`select pg_advisory_xact_lock(hashtextextended(${`${collectionId}/${slug}`}, 0))`.execute(trx)
  const other = await trx
    .selectFrom('entries')
    .select('title')
    .where('collection_id', '=', collectionId)
    .where('slug', '=', slug)
    .where('deleted_at', 'is', null)
    .where('id', 'is distinct from', id)
    .executeTakeFirst()
  if (other)
    throw refused([{ path: 'slug', message: `“${other.title}” already has this address. Choose another.` }])
}
