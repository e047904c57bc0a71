import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** What looks are made of has names beyond those of colours: sizes of letters, and spaces. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table site rename column colours to named_values`.execute(db)
  await sql`alter table site rename column colours_version to named_values_version`.execute(db)
}
