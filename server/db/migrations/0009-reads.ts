import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * The change log tells of reads too, which only change what is ordered by them; and it says where
 * it begins.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table changes drop constraint changes_kind_check, add check (kind in ('collection', 'page', 'site', 'reads'))`.execute(
    db,
  )
  // Where the log begins: what was seen after this, it can tell of.
  await sql`insert into changes (kind) values ('site')`.execute(db)
}
