import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** The menus at the head and the foot of every page. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `alter table site
    add column menus jsonb not null default '{"head": null, "foot": []}',
    add column menus_version integer not null default 1`,
]
