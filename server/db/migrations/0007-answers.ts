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
  // Shuffles give each entry a place of its own.
  `alter table entry_index drop column pile, drop column scatter, add column place integer not null generated always as (scatter_of(entry_id) % 67108859) stored`,
  `create index entry_index_place on entry_index (collection_id, place)`,
  // A rule that lost what it asks for narrows to nothing, unless the site says otherwise.
  `alter table site alter column broken_rules set default 'nothing'`,
  `update site set broken_rules = 'nothing'`,
  // Made anew in the site's own language by field-indexes.ts.
  `drop index entries_title`,
]
