import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * Pages are made and deleted by hand: one that is deleted keeps its place until it is put back or
 * forgotten, its address is free for others meanwhile, and an address that a page had leads to it. What
 * is planned goes live by the clock. What one page took from the shelf of another is remembered.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `alter table pages
    drop constraint pages_path_key,
    add column deleted_at timestamptz`,
  `create unique index pages_path on pages (path) where deleted_at is null`,
  `alter table old_addresses
    add column page_id integer references pages on delete cascade,
    drop constraint old_addresses_check,
    add constraint old_addresses_check check (num_nonnulls(entry_id, term_id, page_id) = 1)`,
  `create table planned_publications (
    page_id integer primary key references pages on delete cascade,
    due timestamptz not null,
    page jsonb not null,
    listings jsonb not null,
    planned_by uuid references accounts on delete set null,
    planned_at timestamptz not null default now()
  )`,
  `create table shelf_moves (
    placement_id uuid primary key,
    from_page integer not null references pages on delete cascade,
    to_page integer not null references pages on delete cascade,
    moved_at timestamptz not null default now()
  )`,
  `create index planned_publications_due on planned_publications (due)`,
  `create index old_addresses_page on old_addresses (page_id) where page_id is not null`,
]
