import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** When each listing was changed last, and by whom; of those that stand there already it is not known. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `alter table listings
    add column draft_at timestamptz,
    add column draft_by uuid references accounts on delete set null`,
  `alter table listings alter column draft_at set default now()`,
]
