import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * What was done to terms and authors and can be undone; when an entry was last indexed, for telling
 * what the clock alone changes.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`create table term_changes (
    id uuid primary key default gen_random_uuid(),
    facet_id integer not null references facets on delete cascade,
    kept jsonb not null,
    made_at timestamptz not null default now(),
    made_by uuid references accounts on delete set null,
    undone_at timestamptz
  )`.execute(db)
  await sql`alter table authors add column deleted_at timestamptz, add column entry_ids integer[] not null default '{}'`.execute(
    db,
  )
  await sql`alter table entry_index add column indexed_at timestamptz not null default clock_timestamp()`.execute(
    db,
  )
}
