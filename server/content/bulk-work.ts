import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { BulkAction } from '../../core/content/bulk'
import type { Trx } from '../db/client'
import { stepSize } from '../work/define'
import type { LongWork, WorkExtent } from '../work/define'
import { collectionExtent, extentOf } from '../work/extents'
import { holdForm } from './form-locks'
import { keepVersions } from './entry-history'
import { announceEntries } from './entry-writing'
import { indexEntries } from './entry-index'

/** How many of a list are done. */
interface Place {
  readonly at: number
}

interface Changing {
  /** The change that is told of, and undone by. */
  readonly change: string
  readonly collection: number
  readonly action: BulkAction
  readonly writer: string
  readonly ids: readonly number[]
}

/** Changes many entries in the same way. Entries that are gone are passed over. */
export const bulkChanging: LongWork<Changing, Place> = {
  kind: 'change-in-bulk',
  start: { at: 0 },
  atOnce: stepSize,
  async about(trx, { collection, ids }) {
    return { ...(await collectionExtent(trx, collection)), size: ids.length }
  },
  async step(trx, { change, collection, action, writer, ids }, { at }) {
    await holdForm(trx, collection)
    const found = await lockEntries(trx, collection, ids.slice(at, at + stepSize))
    await keepVersions(trx, found, 'found', null)
    await apply(trx, found, action)
    await settle(trx, found, writer)
    const isDone = at + stepSize >= ids.length
    await sql`
      update bulk_changes set done = ${isDone}, entries = entries || (
        select coalesce(jsonb_agg(jsonb_build_object('id', id, 'version', version) order by id), '[]') from entries where id = ${chosen(found)}
      ) where id = ${change}::uuid`.execute(trx)
    await announceEntries(trx, collection)
    return isDone ? null : { at: at + stepSize }
  },
  /** What is changed by then stays so, and can be undone. */
  async stop(trx, { change }) {
    await trx.updateTable('bulk_changes').set({ done: true }).where('id', '=', change).execute()
  },
}

interface Undoing {
  readonly change: string
  readonly collection: number
  readonly writer: string
}

/** Takes a bulk change back for the entries that nobody changed since. */
export const bulkUndoing: LongWork<Undoing, Place> = {
  kind: 'undo-in-bulk',
  start: { at: 0 },
  atOnce: stepSize,
  about: (trx, { change }) =>
    extentOf(
      trx,
      sql<WorkExtent>`
        select c.name as subject, jsonb_array_length(b.entries) as size
        from bulk_changes b join collections c on c.id = b.collection_id where b.id = ${change}::uuid`,
    ),
  async step(trx, { change, collection, writer }, { at }) {
    const { entries, action } = await trx
      .selectFrom('bulk_changes')
      .select(['entries', 'action'])
      .where('id', '=', change)
      .executeTakeFirstOrThrow()
    const untouched = await untouchedSince(trx, entries.slice(at, at + stepSize), action === 'delete')
    await bringBack(trx, untouched)
    await settle(
      trx,
      untouched.map((one) => one.id),
      writer,
    )
    await sql`update bulk_changes set undone = undone + ${untouched.length} where id = ${change}::uuid`.execute(
      trx,
    )
    await announceEntries(trx, collection)
    return at + stepSize >= entries.length ? null : { at: at + stepSize }
  },
}

const chosen = (ids: readonly number[]) => sql`any(${sql.val([...ids])}::integer[])`

async function lockEntries(
  trx: Trx,
  collectionId: number,
  ids: readonly number[],
): Promise<readonly number[]> {
  const { rows } = await sql<{ id: number }>`
    select id from entries where id = ${chosen(ids)} and collection_id = ${collectionId} and deleted_at is null
    order by id for update`.execute(trx)
  return rows.map((row) => row.id)
}

async function apply(trx: Trx, ids: readonly number[], action: BulkAction): Promise<void> {
  switch (action.do) {
    case 'publish':
      await sql`update entries set status = 'published', published_at = coalesce(published_at, date_trunc('milliseconds', now())) where id = ${chosen(ids)}`.execute(
        trx,
      )
      return
    case 'draft':
    case 'archive':
      await sql`update entries set status = ${action.do === 'draft' ? 'draft' : 'archived'} where id = ${chosen(ids)}`.execute(
        trx,
      )
      return
    case 'delete':
      await sql`update entries set deleted_at = now() where id = ${chosen(ids)}`.execute(trx)
      return
    case 'author':
      await sql`update entries set author_id = (select id from authors where id = ${action.authorId}::integer and authors.deleted_at is null) where id = ${chosen(ids)}`.execute(
        trx,
      )
      return
    case 'remove-terms':
      await sql`delete from entry_terms where entry_id = ${chosen(ids)} and term_id = ${chosen(action.termIds)}`.execute(
        trx,
      )
      return
    case 'add-terms':
      await sql`
        insert into entry_terms (entry_id, term_id, position)
        select e.id, t.id, coalesce((select max(position) from entry_terms where entry_id = e.id), -1) + given.at
        from unnest(${sql.val([...ids])}::integer[]) e (id)
        cross join unnest(${sql.val([...action.termIds])}::integer[]) with ordinality given (id, at)
        left join merged_terms merged on merged.id = given.id
        join terms t on t.id = coalesce(merged.into_id, given.id) and not t.leaving
        on conflict (entry_id, term_id) do nothing`.execute(trx)
  }
}

/** What every bulk write ends with: new versions, kept, and the index. */
async function settle(trx: Trx, ids: readonly number[], writer: string): Promise<void> {
  await sql`update entries set version = version + 1, updated_at = now(), updated_by = ${writer}::uuid where id = ${chosen(ids)}`.execute(
    trx,
  )
  await keepVersions(trx, ids, 'bulk', writer)
  await indexEntries(trx, ids)
}

interface ChangedEntry {
  readonly id: number
  /** The version that the bulk change gave it. */
  readonly version: number
}

/**
 * Those whose content is still what the change left, be it under a later version, as after another
 * undo; none whose address another has taken.
 */
async function untouchedSince(
  trx: Trx,
  entries: readonly ChangedEntry[],
  deleted: boolean,
): Promise<readonly ChangedEntry[]> {
  const { rows } = await sql<ChangedEntry>`
    select e.id, given.version from entries e
    join ${recordset(entries)} on given.id = e.id
    join entry_versions was on was.entry_id = e.id and was.version = given.version
    join entry_versions now on now.entry_id = e.id and now.version = e.version
    where now.content = was.content and (e.deleted_at is not null) = ${deleted}
      and not (${deleted} and exists (
        select from entries other where other.collection_id = e.collection_id and other.slug = e.slug and other.id <> e.id and other.deleted_at is null))
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
    select given.id, t.id, min(kept.at)
    from ${before}
    cross join lateral jsonb_array_elements_text(v.content -> 'termIds') with ordinality kept (id, at)
    left join merged_terms merged on merged.id = kept.id::integer
    join terms t on t.id = coalesce(merged.into_id, kept.id::integer) and not t.leaving
    group by given.id, t.id`.execute(trx)
}
