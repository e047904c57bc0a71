import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Amounts in several currencies are ordered within each: the index learns which entries are in which. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`
    insert into long_work (kind, detail, state)
    select distinct 'index-collection', jsonb_build_object('collection', collection_id), '{"after":0}'::jsonb
    from fields where type = 'money' and sortable and not filterable and jsonb_array_length(settings -> 'currencies') > 1`.execute(
    db,
  )
}
