import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** What stands for a missing picture on the whole site. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql
    .raw(
      `alter table site add column placeholder text not null default 'sprig' check (placeholder in ('sprig', 'letter', 'none'))`,
    )
    .execute(db)
}
