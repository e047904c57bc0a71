import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { entryMarks } from '../../core/content/entry'
import type { EntryMark } from '../../core/content/entry'
import type { Trx } from '../db/client'

/**
 * Brings the index rows of these entries up to date: one row for each published one, none for the
 * others. Keys are the entry's terms, of the facets its collection has, with their ancestors, its
 * author, those of its fields, and its
 * marks.
 */
export async function indexEntries(trx: Trx, ids: readonly number[]): Promise<void> {
  if (ids.length === 0) return
  const chosen = sql`${sql.val(ids)}::integer[]`
  await sql`
    delete from entry_index
    where entry_id = any(${chosen})
      and entry_id not in (
        select e.id from entries e join collections c on c.id = e.collection_id and c.deleted_at is null
        where e.id = any(${chosen}) and e.status = 'published' and e.deleted_at is null
      )`.execute(trx)
  await sql`
    with recursive lineage (entry_id, term_id) as (
      select et.entry_id, et.term_id from entry_terms et
      join entries e on e.id = et.entry_id
      join terms t on t.id = et.term_id and not t.leaving
      join facets f on f.id = t.facet_id and f.deleted_at is null
      join collection_facets cf on cf.facet_id = f.id and cf.collection_id = e.collection_id
      where et.entry_id = any(${chosen})
      union
      select lineage.entry_id, terms.parent_id
      from lineage join terms on terms.id = lineage.term_id
      where terms.parent_id is not null
    ), keyed (entry_id, keys) as (
      select entry_id, array_agg(term_id order by term_id) from lineage group by entry_id
    )
    insert into entry_index (entry_id, collection_id, title, published_at, expires_at, views, comments, rating, pinned, sort_values, keys)
    select e.id, e.collection_id, e.title, e.published_at, e.expires_at, e.view_count, e.comment_count, e.rating, e.pinned, e.sort_values,
      coalesce(keyed.keys, '{}') || array_remove(array[e.author_id, ${markIf(sql`e.picture_id is not null`, 'picture')}, ${markIf(sql`btrim(e.summary) <> ''`, 'summary')}, ${markIf(sql`e.pinned`, 'pinned')}], null) || e.field_keys
    from entries e
    join collections c on c.id = e.collection_id and c.deleted_at is null
    left join keyed on keyed.entry_id = e.id
    where e.id = any(${chosen}) and e.status = 'published' and e.deleted_at is null
    on conflict (entry_id) do update set
      collection_id = excluded.collection_id, title = excluded.title,
      published_at = excluded.published_at, expires_at = excluded.expires_at,
      sort_values = excluded.sort_values, views = excluded.views, comments = excluded.comments, rating = excluded.rating,
      pinned = excluded.pinned, keys = excluded.keys, indexed_at = clock_timestamp()`.execute(trx)
}

/** The key of a mark where the condition holds, else null. */
function markIf(condition: RawBuilder<unknown>, mark: EntryMark): RawBuilder<unknown> {
  return sql`case when ${condition} then ${sql.lit(entryMarks[mark])} end`
}
