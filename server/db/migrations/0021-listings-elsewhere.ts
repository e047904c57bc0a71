import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Whether a listing is shown at an address of its own, for pages of other sites. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw('alter table listings add column is_elsewhere boolean not null default false').execute(db)
}
