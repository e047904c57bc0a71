import { sql } from 'kysely'
import type { TermRow } from '../../core/content/answers'
import type { Db } from '../db/client'

/**
 * The terms of a facet in reading order of siblings, with how many entries each counts; terms below
 * count for those above. What is published is counted already, only the rest is gone through.
 */
export async function termRows(db: Db, facetId: number): Promise<readonly TermRow[]> {
  const { rows } = await sql<TermRow>`
    with recursive lineage (term_id, counts_for) as (
      select id, id from terms where facet_id = ${facetId} and not leaving
      union
      select lineage.term_id, terms.parent_id from lineage join terms on terms.id = lineage.counts_for where terms.parent_id is not null
    ), unpublished (id, entry_id) as (
      select distinct lineage.counts_for, e.id from collection_facets cf
      join collections c on c.id = cf.collection_id and c.deleted_at is null
      join entries e on e.collection_id = c.id and e.deleted_at is null and e.status <> 'published'
      join entry_terms et on et.entry_id = e.id
      join lineage on lineage.term_id = et.term_id
      where cf.facet_id = ${facetId}
    ), counted (id, entries) as (
      select id, sum(entries)::integer from (
        select t.id, k.entries from terms t join key_counts k on k.key = t.id where t.facet_id = ${facetId}
        union all
        select t.id, k.change from terms t join key_count_changes k on k.key = t.id where t.facet_id = ${facetId}
        union all
        select id, count(*) from unpublished group by id
      ) each_way group by id
    )
    select t.id, t.parent_id as "parentId", t.name, t.slug, t.description, t.picture_id as "pictureId", t.icon, t.colour,
      coalesce(counted.entries, 0) as entries
    from terms t left join counted on counted.id = t.id
    where t.facet_id = ${facetId} and not t.leaving order by t.position, t.id`.execute(db)
  return rows
}
