import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Which fields of a collection say when its entries happen, and every single time that they do. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `alter table collections
    add column happening jsonb not null default '{"when": null, "where": null, "track": null}'`,
  `create table occurrences (
    entry_id integer not null references entries (id) on delete cascade,
    key timestamptz not null,
    collection_id integer not null,
    starts_at timestamptz not null,
    ends_at timestamptz not null,
    is_whole_days boolean not null,
    is_cancelled boolean not null,
    primary key (entry_id, key)
  )`,
  'create index occurrences_start on occurrences (collection_id, starts_at, entry_id, key)',
  'create index occurrences_end on occurrences (collection_id, ends_at)',
  `create table repeating_entries (
    entry_id integer primary key references entries (id) on delete cascade,
    known_until timestamptz not null,
    next_at timestamptz
  )`,
  'create index repeating_entries_next on repeating_entries (next_at) where next_at is not null',
]
