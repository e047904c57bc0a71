import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Areas that several pages share are kept as pages, at addresses that no visitor can ask for. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `alter table pages
    drop constraint pages_path_check,
    add constraint pages_path_check check (path ~ '^/' or path ~ '^areas/[a-z-]+/[^/]+$')`,
]
