import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Where the site is reached, how fast its visitors read, and its icon. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `alter table site
    add column address text not null default '',
    add column reading_pace integer not null default 238,
    add column icon_id integer references media,
    add column facts_version integer not null default 1`,
]
