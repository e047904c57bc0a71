import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * How many words an entry's text has, counted when it is saved. Words and texts are folded by the
 * language from here on, so all are indexed anew when a server starts.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `truncate entry_words`,
  `alter table entry_words add column word_count integer not null default 0`,
  `alter table collections alter column index_form set default 2`,
  // Made anew in the site's own language by field-indexes.ts.
  `drop index entries_title`,
]
