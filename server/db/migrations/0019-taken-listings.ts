import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Where a listing stood that was taken off every page, for putting it back. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql.raw('alter table listings add column taken_off jsonb').execute(db)
}
