import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { storageOf, valuesOf } from '../../core/content/field'
import type { EntryPart, EntryVersion } from '../../core/content/answers'
import type { EntryInput } from '../../core/content/entry-input'
import { blankEntry } from '../../core/content/entry-input'
import type { Db, Trx } from '../db/client'
import { fieldsOf } from './fields'
import { missing } from '../http/problem'

/** What was done to an entry, as its history tells it. */
export type EntryAction = EntryVersion['action']

/**
 * Keeps these entries as they stand now under their present versions. One that is kept already
 * under that version stays as it was.
 */
export async function keepVersions(
  trx: Trx,
  ids: readonly number[],
  action: EntryAction,
  writerId: string | null,
): Promise<void> {
  await sql`
    insert into entry_versions (entry_id, version, saved_at, saved_by, action, content)
    select e.id, e.version, e.updated_at, ${action === 'found' ? sql`e.updated_by` : sql`${writerId}::uuid`}, ${action}, jsonb_build_object(
      'title', e.title, 'slug', e.slug, 'summary', e.summary, 'body', e.body, 'status', e.status,
      'publishedAt', round(extract(epoch from e.published_at) * 1000),
      'expiresAt', round(extract(epoch from e.expires_at) * 1000),
      'authorId', e.author_id, 'pictureId', e.picture_id, 'pinned', e.pinned,
      'termIds', coalesce((select jsonb_agg(t.term_id order by t.position) from entry_terms t where t.entry_id = e.id), '[]'),
      'values', e.field_values)
    from entries e where e.id = any(${sql.val([...ids])}::integer[])
    on conflict (entry_id, version) do nothing`.execute(trx)
}

/** The versions of an entry, newest first. */
export async function versionsOf(db: Db, entryId: number): Promise<readonly EntryVersion[]> {
  const [{ rows }, names] = await Promise.all([
    sql<VersionRow>`
      with kept as (
        select version, saved_at, saved_by, action, content, lag(content) over (order by version) as before
        from entry_versions where entry_id = ${entryId}
      )
      select v.version, v.saved_at, v.action, a.name as saved_by, v.content ->> 'title' as title, v.content ->> 'status' as status,
        ${differing(sql`v.content - 'values'`, sql`v.before - 'values'`)} as changed,
        ${differing(sql`v.content -> 'values'`, sql`v.before -> 'values'`)} as changed_values
      from kept v left join accounts a on a.id = v.saved_by
      order by v.version desc limit 200`.execute(db),
    fieldNames(db, entryId),
  ])
  return rows.map((row) => ({
    version: row.version,
    savedAt: row.saved_at.getTime(),
    savedBy: row.saved_by,
    action: row.action,
    title: row.title,
    status: row.status,
    changed: row.changed,
    changedFields: row.changed_values.flatMap((stored) => names.get(stored) ?? []),
  }))
}

interface VersionRow {
  readonly version: number
  readonly saved_at: Date
  readonly action: EntryAction
  readonly saved_by: string | null
  readonly title: string
  readonly status: EntryVersion['status']
  readonly changed: readonly EntryPart[]
  /** Where the values are stored that differ. */
  readonly changed_values: readonly string[]
}

/** The keys under which two objects differ; none where there is nothing to compare with. */
function differing(now: RawBuilder<unknown>, before: RawBuilder<unknown>) {
  return sql`array(
    select key from jsonb_each(${now}) n full join jsonb_each(${before}) b using (key)
    where v.before is not null and n.value is distinct from b.value order by key)`
}

/** The names of the fields that an entry can have, by where their values are stored. */
async function fieldNames(db: Db, entryId: number): Promise<ReadonlyMap<string, string>> {
  const entry = await db
    .selectFrom('entries')
    .select('collection_id')
    .where('id', '=', entryId)
    .executeTakeFirst()
  const fields = entry === undefined ? [] : await fieldsOf(db, entry.collection_id)
  return new Map(fields.map((field) => [String(storageOf(field)), field.name]))
}

/** An entry as it stood in a version, with what its fields can still hold. Throws 404. */
export async function versionOf(db: Db, entryId: number, version: number): Promise<EntryInput> {
  const row = await db
    .selectFrom('entry_versions as v')
    .innerJoin('entries as e', 'e.id', 'v.entry_id')
    .select(['v.content', 'e.collection_id'])
    .where('v.entry_id', '=', entryId)
    .where('v.version', '=', version)
    .executeTakeFirst()
  if (!row) throw missing('The version')
  return {
    ...blankEntry,
    ...row.content,
    values: valuesOf(await fieldsOf(db, row.collection_id), row.content.values),
  }
}
