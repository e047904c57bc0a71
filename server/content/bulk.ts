import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { BulkOutcome, BulkUndoOutcome } from '../../core/content/answers'
import { parseBulkChange } from '../../core/content/bulk'
import type { BulkAction } from '../../core/content/bulk'
import type { Db, Trx } from '../db/client'
import { accepted, missing, refused } from '../http/problem'
import { lockCollection } from './collections'
import { keepVersions } from './entry-history'
import { announceEntries, collectionTerms } from './entry-writing'
import { indexEntries } from './entry-index'
import { fieldsOf } from './fields'
import type { Writer } from './entries'

/**
 * Changes many entries of a collection at once: one transaction, one notice to open pages, one way
 * back. Entries that are gone are passed over. Throws 422 when the change cannot be made to all.
 */
export async function changeInBulk(db: Db, collectionId: number, input: unknown, writer: Writer): Promise<BulkOutcome> {
  const { ids, action } = accepted(parseBulkChange(input))
  return db.transaction().execute(async (trx) => {
    await lockCollection(trx, collectionId)
    const found = await lockEntries(trx, collectionId, ids)
    await checkAction(trx, collectionId, found, action)
    await keepVersions(trx, found, 'found', null)
    await apply(trx, found, action)
    await settle(trx, found, writer)
    const { rows } = await sql<{ id: string }>`
      insert into bulk_changes (collection_id, action, entries, made_by)
      select ${collectionId}, ${action.do}, coalesce(jsonb_agg(jsonb_build_object('id', id, 'version', version)), '[]'), ${writer.id}::uuid
      from entries where id = any(${sql.val(found)}::integer[])
      returning id`.execute(trx)
    await announceEntries(trx, collectionId)
    return { id: rows[0]?.id ?? '', changed: found.length }
  })
}

/** Takes a bulk change back, for all entries that nobody changed since; how many were, and were not, brought back. */
export async function undoBulkChange(db: Db, id: string, writer: Writer): Promise<BulkUndoOutcome> {
  return db.transaction().execute(async (trx) => {
    const change = await trx.selectFrom('bulk_changes').selectAll().where('id', '=', id).forUpdate().executeTakeFirst()
    if (!change) throw missing('The change')
    if (change.undone_at !== null) return { undone: 0, kept: 0 }
    const untouched = await untouchedSince(trx, change.entries, change.action === 'delete')
    const ids = untouched.map((one) => one.id)
    await refuseTakenSlugs(trx, change.collection_id, ids)
    await bringBack(trx, untouched)
    await settle(trx, ids, writer)
    await trx.updateTable('bulk_changes').set({ undone_at: new Date() }).where('id', '=', id).execute()
    await announceEntries(trx, change.collection_id)
    return { undone: ids.length, kept: change.entries.length - ids.length }
  })
}

const chosen = (ids: readonly number[]) => sql`any(${sql.val([...ids])}::integer[])`

async function lockEntries(trx: Trx, collectionId: number, ids: readonly number[]): Promise<readonly number[]> {
  const { rows } = await sql<{ id: number }>`
    select id from entries where id = ${chosen(ids)} and collection_id = ${collectionId} and deleted_at is null
    order by id for update`.execute(trx)
  return rows.map((row) => row.id)
}

async function checkAction(trx: Trx, collectionId: number, ids: readonly number[], action: BulkAction): Promise<void> {
  if (action.do === 'publish') await refuseIncomplete(trx, collectionId, ids)
  if (action.do === 'author' && action.authorId !== null) {
    const author = await trx.selectFrom('authors').select('id').where('id', '=', action.authorId).where('deleted_at', 'is', null).executeTakeFirst()
    if (!author) throw refused([{ path: 'action.authorId', message: 'This author is gone. Choose another.' }])
  }
  if (action.do === 'add-terms') {
    const allowed = await collectionTerms(trx, collectionId).where('t.id', 'in', [...action.termIds]).execute()
    if (allowed.length !== action.termIds.length)
      throw refused([{ path: 'action.termIds', message: 'One of the terms is gone or does not belong to this collection.' }])
  }
}

/** An entry that lacks a required field is not published by the way; those concerned are named. */
async function refuseIncomplete(trx: Trx, collectionId: number, ids: readonly number[]): Promise<void> {
  for (const field of (await fieldsOf(trx, collectionId)).filter((one) => one.required)) {
    const { rows } = await sql<{ title: string }>`
      select title from entries where id = ${chosen(ids)} and not field_values ? ${String(field.id)} order by id limit 4`.execute(trx)
    if (rows.length === 0) continue
    const titles = rows.slice(0, 3).map((row) => `“${row.title}”`).join(', ')
    throw refused([{ path: 'ids', message: `“${field.name}” is needed to publish, and ${titles}${rows.length > 3 ? ' and others' : ''} have none. Fill it in, or leave them out.` }])
  }
}

async function apply(trx: Trx, ids: readonly number[], action: BulkAction): Promise<void> {
  switch (action.do) {
    case 'publish':
      await sql`update entries set status = 'published', published_at = coalesce(published_at, date_trunc('milliseconds', now())) where id = ${chosen(ids)}`.execute(trx)
      return
    case 'draft':
    case 'archive':
      await sql`update entries set status = ${action.do === 'draft' ? 'draft' : 'archived'} where id = ${chosen(ids)}`.execute(trx)
      return
    case 'delete':
      await sql`update entries set deleted_at = now() where id = ${chosen(ids)}`.execute(trx)
      return
    case 'author':
      await sql`update entries set author_id = ${action.authorId}::integer where id = ${chosen(ids)}`.execute(trx)
      return
    case 'remove-terms':
      await sql`delete from entry_terms where entry_id = ${chosen(ids)} and term_id = ${chosen(action.termIds)}`.execute(trx)
      return
    case 'add-terms':
      await sql`
        insert into entry_terms (entry_id, term_id, position)
        select e.id, t.id, coalesce((select max(position) from entry_terms where entry_id = e.id), -1) + t.at
        from unnest(${sql.val([...ids])}::integer[]) e (id)
        cross join unnest(${sql.val([...action.termIds])}::integer[]) with ordinality t (id, at)
        on conflict (entry_id, term_id) do nothing`.execute(trx)
  }
}

/** What every bulk write ends with: new versions, kept, and the index. */
async function settle(trx: Trx, ids: readonly number[], writer: Writer): Promise<void> {
  await sql`update entries set version = version + 1, updated_at = now(), updated_by = ${writer.id}::uuid where id = ${chosen(ids)}`.execute(trx)
  await keepVersions(trx, ids, 'bulk', writer.id)
  await indexEntries(trx, ids)
}

interface ChangedEntry {
  readonly id: number
  /** The version that the bulk change gave it. */
  readonly version: number
}

/** Those whose content is still what the change left, be it under a later version, as after another undo. */
async function untouchedSince(trx: Trx, entries: readonly ChangedEntry[], deleted: boolean): Promise<readonly ChangedEntry[]> {
  const { rows } = await sql<ChangedEntry>`
    select e.id, given.version from entries e
    join ${recordset(entries)} on given.id = e.id
    join entry_versions was on was.entry_id = e.id and was.version = given.version
    join entry_versions now on now.entry_id = e.id and now.version = e.version
    where now.content = was.content and (e.deleted_at is not null) = ${deleted}
    order by e.id for update of e`.execute(trx)
  return rows
}

function recordset(entries: readonly ChangedEntry[]): RawBuilder<unknown> {
  return sql`jsonb_to_recordset(${JSON.stringify(entries)}::jsonb) given (id integer, version integer)`
}

/** Gives entries back what a bulk change can touch, from the version before it. */
async function bringBack(trx: Trx, entries: readonly ChangedEntry[]): Promise<void> {
  const before = sql`${recordset(entries)} join entry_versions v on v.entry_id = given.id and v.version = given.version - 1`
  await sql`
    update entries e set
      status = v.content ->> 'status',
      published_at = to_timestamp((v.content ->> 'publishedAt')::float8 / 1000),
      author_id = (select id from authors where id = (v.content ->> 'authorId')::integer and authors.deleted_at is null),
      deleted_at = null
    from ${before} where e.id = given.id`.execute(trx)
  await sql`delete from entry_terms where entry_id = ${chosen(entries.map((one) => one.id))}`.execute(trx)
  await sql`
    insert into entry_terms (entry_id, term_id, position)
    select given.id, t.id, kept.at
    from ${before}
    cross join lateral jsonb_array_elements_text(v.content -> 'termIds') with ordinality kept (id, at)
    join terms t on t.id = kept.id::integer`.execute(trx)
}

/** Deleted entries may have lost their address to another meanwhile. */
async function refuseTakenSlugs(trx: Trx, collectionId: number, ids: readonly number[]): Promise<void> {
  const { rows } = await sql<{ title: string }>`
    select other.title from entries e
    join entries other on other.collection_id = e.collection_id and other.slug = e.slug and other.id <> e.id and other.deleted_at is null
    where e.collection_id = ${collectionId} and e.id = ${chosen(ids)} and e.deleted_at is not null limit 1`.execute(trx)
  const [taken] = rows
  if (taken) throw refused([{ path: 'ids', message: `“${taken.title}” has taken the address of a deleted entry. Give it another, then undo.` }])
}
