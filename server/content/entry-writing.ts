import { sql } from 'kysely'
import { entryAddressOf } from '../../core/content/entry-address'
import type { EntryInput } from '../../core/content/entry-input'
import { referencesOf, storageOf, storedValues } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { convertValue } from '../../core/content/fields'
import { same } from '../../core/same'
import type { Fault } from '../../core/parsing'
import type { Db, Trx } from '../db/client'
import { missing, refused } from '../http/problem'
import { recordChange } from '../live/record-change'
import { loadSite } from '../site/site'
import { indexWords } from './entry-words'
import { refreshFieldIndex } from './field-index'
import { fieldsBecoming } from './fields'

/** The columns an editor's entry fills; its terms and values are written apart. */
export function entryColumns(entry: EntryInput) {
  return {
    title: entry.title,
    slug: entry.slug,
    summary: entry.summary,
    body: JSON.stringify(entry.body),
    status: entry.status,
    published_at: entry.publishedAt === null ? null : new Date(entry.publishedAt),
    expires_at: entry.expiresAt === null ? null : new Date(entry.expiresAt),
    author_id: entry.authorId,
    picture_id: entry.pictureId,
    pinned: entry.pinned,
  }
}

/** Writes what belongs to an entry besides its row: terms, values, uses of media; then its index. */
export async function writeParts(
  trx: Trx,
  collectionId: number,
  fields: readonly Field[],
  id: number,
  entry: EntryInput,
): Promise<void> {
  // Terms of facets that were taken off the collection stay, and count again when the facet is back.
  await trx
    .deleteFrom('entry_terms')
    .where('entry_id', '=', id)
    .where('term_id', 'in', collectionTerms(trx, collectionId))
    .execute()
  if (entry.termIds.length > 0)
    await trx
      .insertInto('entry_terms')
      .values(entry.termIds.map((termId, position) => ({ entry_id: id, term_id: termId, position })))
      .execute()
  await writeValues(trx, collectionId, fields, id, entry)
  await trx.deleteFrom('entry_media').where('entry_id', '=', id).execute()
  const used = mediaOf(fields, entry)
  if (used.length > 0)
    await trx
      .insertInto('entry_media')
      .values(used.map((mediaId) => ({ entry_id: id, media_id: mediaId })))
      .execute()
  await refreshFieldIndex(trx, collectionId, [id])
  await indexWords(trx, [id])
}

/**
 * Writes the values of an entry: also in the form that a field is on its way to, and no longer as an
 * earlier form of it has them, where they are others now. Those of deleted fields stay for their return.
 */
async function writeValues(
  trx: Trx,
  collectionId: number,
  fields: readonly Field[],
  id: number,
  { values }: EntryInput,
): Promise<void> {
  const [becoming, kept, place, before] = await Promise.all([
    fieldsBecoming(trx, collectionId),
    trx
      .selectFrom('fields')
      .select(['id', 'stored_as', 'replaced_id'])
      .where('collection_id', '=', collectionId)
      .where('replaced_id', 'is not', null)
      .where('becoming', '=', false)
      .execute(),
    loadSite(trx),
    trx.selectFrom('entries').select('field_values').where('id', '=', id).executeTakeFirstOrThrow(),
  ])
  const beside = becoming.flatMap(({ of, field }) => {
    const from = fields.find((one) => one.id === of)
    const converted =
      from === undefined || values[of] === undefined ? null : convertValue(values[of], from, field, place)
    return converted?.ok === true ? [[storageOf(field), converted.value] as const] : []
  })
  const earlier = kept.flatMap((row) => {
    const now = fields.find((one) => one.id === row.replaced_id)
    return now === undefined || same(before.field_values[storageOf(now)], values[now.id])
      ? []
      : [row.stored_as ?? row.id]
  })
  const replaced = [...fields.map(storageOf), ...becoming.map((one) => storageOf(one.field)), ...earlier].map(
    String,
  )
  const written = { ...storedValues(fields, values), ...Object.fromEntries(beside) }
  await sql`
    update entries set field_values = (field_values - ${sql.val(replaced)}::text[]) || ${JSON.stringify(written)}::jsonb
    where id = ${id}`.execute(trx)
}

function mediaOf(fields: readonly Field[], entry: EntryInput): readonly number[] {
  const inFields = referencesOf(fields, entry.values).flatMap((one) => (one.to === 'media' ? [one.id] : []))
  return [...new Set([...(entry.pictureId === null ? [] : [entry.pictureId]), ...inFields])]
}

/** Tells open pages that entries of a collection changed: one notice, however many they are. */
export function announceEntries(trx: Trx, collectionId: number): Promise<void> {
  return recordChange(trx, { kind: 'collection', subjectId: collectionId })
}

/** Everything an entry refers to must be there, and its address free. Throws 422 that names the fields. */
export async function checkReferences(
  trx: Trx,
  collectionId: number,
  fields: readonly Field[],
  entry: EntryInput,
  id: number | null,
): Promise<void> {
  const collection = await trx
    .selectFrom('collections')
    .select('id')
    .where('id', '=', collectionId)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!collection) throw missing('The collection')
  const faults: Fault[] = []
  if (entry.authorId !== null) {
    // Held, so that nobody takes the author away between here and the end of the save.
    const author = await trx
      .selectFrom('authors')
      .select('id')
      .where('id', '=', entry.authorId)
      .where('deleted_at', 'is', null)
      .forShare()
      .executeTakeFirst()
    if (!author) faults.push({ path: 'authorId', message: 'This author is gone. Choose another.' })
  }
  faults.push(
    ...(await mediaFaults(trx, fields, entry)),
    ...(await entryFaults(trx, fields, entry)),
    ...(await termFaults(trx, collectionId, entry)),
  )
  if (faults.length > 0) throw refused(faults)
  await checkSlugFree(trx, collectionId, entry.slug, id)
}

/** The ids of the terms that entries of a collection may have. */
export function collectionTerms(db: Db, collectionId: number) {
  return db
    .selectFrom('terms as t')
    .innerJoin('collection_facets as cf', 'cf.facet_id', 't.facet_id')
    .innerJoin('facets as f', 'f.id', 't.facet_id')
    .select('t.id')
    .where('cf.collection_id', '=', collectionId)
    .where('t.leaving', '=', false)
    .where('f.deleted_at', 'is', null)
}

async function termFaults(trx: Trx, collectionId: number, entry: EntryInput): Promise<readonly Fault[]> {
  const allowed = await collectionTerms(trx, collectionId)
    .where('t.id', 'in', [0, ...entry.termIds])
    .execute()
  if (allowed.length === entry.termIds.length) return []
  return [{ path: 'termIds', message: 'One of the terms is gone or does not belong to this collection.' }]
}

async function mediaFaults(trx: Trx, fields: readonly Field[], entry: EntryInput): Promise<readonly Fault[]> {
  const wanted = mediaOf(fields, entry)
  if (wanted.length === 0) return []
  const rows = await trx
    .selectFrom('media')
    .select(['id', 'kind'])
    .where('id', 'in', [...wanted])
    .where('deleted_at', 'is', null)
    .execute()
  const kinds = new Map(rows.map((row) => [row.id, row.kind]))
  const faults: Fault[] = []
  if (entry.pictureId !== null && kinds.get(entry.pictureId) !== 'picture')
    faults.push({ path: 'pictureId', message: 'This picture is gone. Choose another.' })
  for (const { to, id, field } of referencesOf(fields, entry.values)) {
    if (to !== 'media') continue
    const kind = kinds.get(id)
    const allowed =
      field.type === 'file' ? (field.settings as { readonly kinds: readonly string[] }).kinds : ['picture']
    if (kind === undefined)
      faults.push({ path: `values.${field.id}`, message: 'This file is gone. Choose another.' })
    else if (allowed.length > 0 && !allowed.includes(kind))
      faults.push({
        path: `values.${field.id}`,
        message: `This is a file of the kind “${kind}”. Choose one of: ${allowed.join(', ')}.`,
      })
  }
  return faults
}

async function entryFaults(trx: Trx, fields: readonly Field[], entry: EntryInput): Promise<readonly Fault[]> {
  const wanted = referencesOf(fields, entry.values).filter((one) => one.to === 'entry')
  if (wanted.length === 0) return []
  const rows = await trx
    .selectFrom('entries')
    .select(['id', 'collection_id'])
    .where(
      'id',
      'in',
      wanted.map((one) => one.id),
    )
    .where('deleted_at', 'is', null)
    .execute()
  const collections = new Map(rows.map((row) => [row.id, row.collection_id]))
  return wanted
    .filter(
      ({ id, field }) =>
        collections.get(id) !== (field.settings as { readonly collection: number }).collection,
    )
    .map(({ field }) => ({
      path: `values.${field.id}`,
      message: 'One of these entries is gone or belongs to another collection.',
    }))
}

/** Throws 422 when another entry of the collection has the address. */
export async function checkSlugFree(
  trx: Trx,
  collectionId: number,
  slug: string,
  id: number | null,
): Promise<void> {
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

/** Keeps the address that an entry had while visitors could see it, so that links to it still arrive. */
export async function keepOldAddress(
  trx: Trx,
  collectionId: number,
  id: number,
  before: { readonly slug: string; readonly published_at: Date | null },
  now: EntryInput,
): Promise<void> {
  if (before.published_at === null || before.published_at.getTime() > Date.now()) return
  const [{ address }, { zone }, earlier] = await Promise.all([
    trx.selectFrom('collections').select('address').where('id', '=', collectionId).executeTakeFirstOrThrow(),
    loadSite(trx),
    trx.selectFrom('old_patterns').select('pattern').where('collection_id', '=', collectionId).execute(),
  ])
  const was = { slug: before.slug, publishedAt: before.published_at.getTime() }
  const is = { slug: now.slug, publishedAt: now.publishedAt ?? was.publishedAt }
  for (const pattern of [address, ...earlier.map((row) => row.pattern)]) {
    const old = entryAddressOf(pattern, was, zone)
    if (old === entryAddressOf(pattern, is, zone)) continue
    await trx
      .insertInto('old_addresses')
      .values({ path: decodeURIComponent(old), entry_id: id, term_id: null, page_id: null })
      .onConflict((on) =>
        on.column('path').doUpdateSet({ entry_id: id, term_id: null, page_id: null, moved_at: new Date() }),
      )
      .execute()
  }
}
