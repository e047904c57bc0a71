import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Rules of CSS that designers write for a look. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table looks
    add column css jsonb not null default '{"text": "", "isOn": true}'`.execute(db)
}
