import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Words are indexed with where they stand: all are indexed anew when a server starts. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table collections alter column index_form set default 3`.execute(db)
}
