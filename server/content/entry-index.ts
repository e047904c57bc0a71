import { sql } from 'kysely'
import type { Trx } from '../db/client'

/**
 * Brings the index rows of these entries up to date: one row for each published one, none for the
 * others. Keys are the entry's terms with their ancestors and its author.
 */
export async function indexEntries(trx: Trx, ids: readonly number[]): Promise<void> {
  if (ids.length === 0) return
  const chosen = sql`${sql.val(ids)}::integer[]`
  await sql`
    delete from entry_index
    where entry_id = any(${chosen})
      and entry_id not in (
        select id from entries where id = any(${chosen}) and status = 'published' and deleted_at is null
      )`.execute(trx)
  await sql`
    with recursive lineage (entry_id, term_id) as (
      select entry_id, term_id from entry_terms where entry_id = any(${chosen})
      union
      select lineage.entry_id, terms.parent_id
      from lineage join terms on terms.id = lineage.term_id
      where terms.parent_id is not null
    ), keyed (entry_id, keys) as (
      select entry_id, array_agg(term_id order by term_id) from lineage group by entry_id
    )
    insert into entry_index (entry_id, collection_id, title, published_at, views, pinned, keys)
    select e.id, e.collection_id, e.title, e.published_at, e.view_count, e.pinned,
      coalesce(keyed.keys, '{}') || array_remove(array[e.author_id], null)
    from entries e left join keyed on keyed.entry_id = e.id
    where e.id = any(${chosen}) and e.status = 'published' and e.deleted_at is null
    on conflict (entry_id) do update set
      collection_id = excluded.collection_id, title = excluded.title,
      published_at = excluded.published_at, views = excluded.views,
      pinned = excluded.pinned, keys = excluded.keys`.execute(trx)
}
