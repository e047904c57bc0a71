import { entryInputOf, parseEntryInput } from '../../core/content/entry-input'
import type { EntryInput } from '../../core/content/entry-input'
import { valuesOf } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import type { EditedEntry } from '../../core/content/answers'
import { slugOf } from '../../core/content/slug'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { accepted, missing, overtaken } from '../http/problem'
import { keepVersions, versionOf } from './entry-history'
import type { EntryAction } from './entry-history'
import {
  announceEntries,
  checkReferences,
  checkSlugFree,
  collectionTerms,
  entryColumns,
  keepOldAddress,
  writeParts,
} from './entry-writing'
import { indexEntries } from './entry-index'
import { fieldsOf } from './fields'
import { holdCollection } from './form-locks'
import { currentTerms } from './merged-terms'

/** Who writes. */
export interface Writer {
  readonly id: string
}

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
  const [terms, fields] = await Promise.all([
    db
      .selectFrom('entry_terms')
      .select('term_id')
      .where('entry_id', '=', id)
      .where('term_id', 'in', collectionTerms(db, row.collection_id))
      .orderBy('position')
      .execute(),
    fieldsOf(db, row.collection_id),
  ])
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
    expiresAt: row.expires_at?.getTime() ?? null,
    authorId: row.author_id,
    pictureId: row.picture_id,
    pinned: row.pinned,
    termIds: terms.map((term) => term.term_id),
    values: valuesOf(fields, row.field_values),
  }
}

/** Adds an entry to a collection. Throws 404 for no such collection, 422 for input that is wrong. */
export async function addEntry(
  db: Db,
  collectionId: number,
  input: unknown,
  writer: Writer,
): Promise<EditedEntry> {
  const id = await transact(db, (trx) => insertEntry(trx, collectionId, input, writer, 'added'))
  return loadEntry(db, id)
}

async function insertEntry(
  trx: Trx,
  collectionId: number,
  input: unknown,
  writer: Writer,
  action: EntryAction,
): Promise<number> {
  await holdCollection(trx, collectionId)
  const fields = await fieldsOf(trx, collectionId)
  const entry = await entryOf(trx, input, fields)
  await checkReferences(trx, collectionId, fields, entry, null)
  const added = await trx
    .insertInto('entries')
    .values({ collection_id: collectionId, ...entryColumns(entry), updated_by: writer.id })
    .returning('id')
    .executeTakeFirstOrThrow()
  await writeParts(trx, collectionId, fields, added.id, entry)
  await keepVersions(trx, [added.id], action, writer.id)
  await announceEntries(trx, collectionId)
  return added.id
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
  writer: Writer,
): Promise<EditedEntry> {
  await transact(db, (trx) =>
    updateEntry(trx, id, seenVersion, () => Promise.resolve(input), writer, 'saved'),
  )
  return loadEntry(db, id)
}

/**
 * Brings an entry back to an earlier version of it, as a new version. What no longer fits its
 * fields is left out.
 */
export async function restoreVersion(
  db: Db,
  id: number,
  seenVersion: number,
  version: number,
  writer: Writer,
): Promise<EditedEntry> {
  await transact(db, (trx) =>
    updateEntry(
      trx,
      id,
      seenVersion,
      async (collectionId) => fitting(trx, collectionId, await versionOf(trx, id, version)),
      writer,
      'restored',
    ),
  )
  return loadEntry(db, id)
}

async function updateEntry(
  trx: Trx,
  id: number,
  seenVersion: number,
  input: (collectionId: number) => Promise<unknown>,
  writer: Writer,
  action: EntryAction,
): Promise<void> {
  const collectionId = await holdCollectionOf(trx, id)
  const before = await lockEntry(trx, id)
  const fields = await fieldsOf(trx, collectionId)
  const entry = await entryOf(trx, await input(collectionId), fields)
  if (before.version !== seenVersion) throw await overtakenEntry(trx, id)
  await checkReferences(trx, collectionId, fields, entry, id)
  await keepVersions(trx, [id], 'found', null)
  await keepOldAddress(trx, collectionId, id, before, entry)
  await trx
    .updateTable('entries')
    .set({
      ...entryColumns(entry),
      version: before.version + 1,
      updated_at: new Date(),
      updated_by: writer.id,
    })
    .where('id', '=', id)
    .execute()
  await writeParts(trx, collectionId, fields, id, entry)
  await keepVersions(trx, [id], action, writer.id)
  await announceEntries(trx, collectionId)
}

/** An entry as it comes in; terms that became others by now are those. */
async function entryOf(trx: Trx, input: unknown, fields: readonly Field[]): Promise<EntryInput> {
  const entry = accepted(parseEntryInput(input, fields))
  return { ...entry, termIds: await currentTerms(trx, entry.termIds) }
}

/** Holds the form of the collection that an entry belongs to, before the entry itself. Throws 404. */
async function holdCollectionOf(trx: Trx, id: number): Promise<number> {
  const row = await trx.selectFrom('entries').select('collection_id').where('id', '=', id).executeTakeFirst()
  if (!row) throw missing('The entry')
  await holdCollection(trx, row.collection_id)
  return row.collection_id
}

/**
 * Adds a draft like an entry, under an address of its own: as it stands, or with what was typed into
 * it since. Throws 422 for what is typed wrongly.
 */
export async function duplicateEntry(
  db: Db,
  id: number,
  typed: unknown,
  writer: Writer,
): Promise<EditedEntry> {
  const original = await loadEntry(db, id)
  const added = await transact(db, async (trx) => {
    const slug = await freeCopySlug(trx, original)
    const copied =
      typed === null
        ? entryInputOf(original)
        : await entryOf(trx, typed, await fieldsOf(trx, original.collectionId))
    const copy: EntryInput = {
      ...copied,
      title: `${copied.title.slice(0, 190)} (copy)`,
      slug,
      status: 'draft',
      pinned: false,
    }
    return insertEntry(
      trx,
      original.collectionId,
      await fitting(trx, original.collectionId, copy),
      writer,
      'copied',
    )
  })
  return loadEntry(db, added)
}

async function freeCopySlug(trx: Trx, { slug, collectionId }: EditedEntry): Promise<string> {
  const rows = await trx
    .selectFrom('entries')
    .select('slug')
    .where('collection_id', '=', collectionId)
    .where('slug', 'like', `${slug.slice(0, 80)}%`)
    .execute()
  const taken = new Set(rows.map((row) => row.slug))
  for (let count = 1; ; count += 1) {
    const wanted = slugOf(`${slug.slice(0, 80)} copy${count === 1 ? '' : ` ${count}`}`)
    if (!taken.has(wanted)) return wanted
  }
}

/** An entry without what its collection no longer has: fields, terms, people and files that are gone. */
async function fitting(trx: Trx, collectionId: number, entry: EntryInput): Promise<EntryInput> {
  const fields = await fieldsOf(trx, collectionId)
  const values = Object.fromEntries(
    Object.entries(entry.values).filter(([fieldId, value]) => {
      const field = fields.find((one) => String(one.id) === fieldId)
      return (
        field !== undefined &&
        parseEntryInput({ ...entry, status: 'draft', values: { [fieldId]: value } }, [field]).ok
      )
    }),
  )
  const termIds = await currentTerms(trx, entry.termIds)
  const [terms, author, picture] = await Promise.all([
    collectionTerms(trx, collectionId)
      .where('t.id', 'in', [0, ...termIds])
      .execute(),
    trx
      .selectFrom('authors')
      .select('id')
      .where('id', '=', entry.authorId ?? 0)
      .where('deleted_at', 'is', null)
      .executeTakeFirst(),
    trx
      .selectFrom('media')
      .select('id')
      .where('id', '=', entry.pictureId ?? 0)
      .where('deleted_at', 'is', null)
      .executeTakeFirst(),
  ])
  return {
    ...entry,
    values,
    termIds: termIds.filter((id) => terms.some((term) => term.id === id)),
    authorId: author?.id ?? null,
    pictureId: picture?.id ?? null,
  }
}

/** Takes an entry out, or puts it back. Deleting can be undone. */
export async function setEntryDeleted(db: Db, id: number, deleted: boolean): Promise<void> {
  await transact(db, async (trx) => {
    await holdCollectionOf(trx, id)
    const row = await trx
      .selectFrom('entries')
      .select(['collection_id', 'slug', 'deleted_at'])
      .where('id', '=', id)
      .forUpdate()
      .executeTakeFirst()
    if (!row) throw missing('The entry')
    if ((row.deleted_at !== null) === deleted) return
    if (!deleted) await checkSlugFree(trx, row.collection_id, row.slug, id)
    await trx
      .updateTable('entries')
      .set({ deleted_at: deleted ? new Date() : null })
      .where('id', '=', id)
      .execute()
    await indexEntries(trx, [id])
    await announceEntries(trx, row.collection_id)
  })
}

async function lockEntry(trx: Trx, id: number) {
  const row = await trx
    .selectFrom('entries')
    .select(['version', 'collection_id', 'slug', 'published_at'])
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
  return overtaken(
    `${who} saved this entry after you opened it. What you typed is still here; compare, then save again.`,
    current,
  )
}
