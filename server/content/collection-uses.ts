import { sql } from 'kysely'
import type { CollectionUse } from '../../core/content/answers'
import type { Db } from '../db/client'

/** The listings that ask a collection, live or as they are worked on, with the pages they stand on. */
export async function collectionUses(db: Db, id: number): Promise<readonly CollectionUse[]> {
  const asks = (column: 'draft' | 'published') =>
    sql`l.${sql.ref(column)} #> '{from,collections}' @> to_jsonb(${id}::integer)`
  // A listing's id is found wherever a page places it, in an area or on the shelf.
  const { rows } = await sql<CollectionUse>`
    select coalesce(l.draft ->> 'name', '') as listing, p.draft ->> 'title' as page, p.id as "pageId"
    from listings l join pages p on p.deleted_at is null
      and (position(l.id::text in p.draft::text) > 0 or position(l.id::text in coalesce(p.published::text, '')) > 0)
    where ${asks('draft')} or ${asks('published')}
    order by p.position, p.id, listing limit 200`.execute(db)
  return rows
}
