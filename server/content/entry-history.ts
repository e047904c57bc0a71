import { sql } from 'kysely'
import { valuesOf } from '../../core/content/field'
import type { EntryVersion } from '../../core/content/answers'
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
  const rows = await db
    .selectFrom('entry_versions as v')
    .leftJoin('accounts as a', 'a.id', 'v.saved_by')
    .select(['v.version', 'v.saved_at', 'v.action', 'a.name as saved_by'])
    .select(sql<string>`v.content ->> 'title'`.as('title'))
    .select(sql<EntryVersion['status']>`v.content ->> 'status'`.as('status'))
    .where('v.entry_id', '=', entryId)
    .orderBy('v.version', 'desc')
    .limit(200)
    .execute()
  return rows.map((row) => ({
    version: row.version,
    savedAt: row.saved_at.getTime(),
    savedBy: row.saved_by,
    action: row.action as EntryAction,
    title: row.title,
    status: row.status,
  }))
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
