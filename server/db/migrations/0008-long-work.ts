import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * Work on many entries goes in short transactions, and how far it came is kept with it, so that a
 * server that ends in between leaves nothing half done. What such work needs besides: where the
 * values of a field are kept, which term another became, addresses that entries had by an earlier
 * pattern.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `create table long_work (
    id uuid primary key default gen_random_uuid(),
    kind text not null,
    detail jsonb not null,
    state jsonb not null,
    begun_at timestamptz not null default now(),
    touched_at timestamptz not null default now()
  )`,
  // Values are kept under this number instead of the field's own. A field that is becoming another is
  // written beside it until all values are there.
  `alter table fields
    add column stored_as integer,
    add column becoming boolean not null default false`,
  `create table merged_terms (
    id integer primary key,
    into_id integer not null references terms on delete cascade
  )`,
  `create index merged_terms_into on merged_terms (into_id)`,
  `alter table terms add column leaving boolean not null default false`,
  `create table term_change_entries (
    change_id uuid not null references term_changes on delete cascade,
    entry_id integer not null references entries on delete cascade,
    position integer not null,
    got boolean not null,
    primary key (change_id, entry_id)
  )`,
  `create index term_change_entries_entry on term_change_entries (entry_id)`,
  `insert into term_change_entries (change_id, entry_id, position, got)
    select c.id, (had.entry ->> 'entry_id')::integer, (had.entry ->> 'position')::integer,
      coalesce(c.kept -> 'into' -> 'entries' @> (had.entry -> 'entry_id'), false)
    from term_changes c
    cross join lateral jsonb_array_elements(c.kept -> 'entries') had (entry)
    join entries e on e.id = (had.entry ->> 'entry_id')::integer`,
  `create table old_patterns (
    collection_id integer not null references collections on delete cascade,
    pattern text not null,
    moved_at timestamptz not null default now(),
    primary key (collection_id, pattern)
  )`,
  `alter table bulk_changes add column done boolean not null default true, add column undone integer not null default 0`,
]
