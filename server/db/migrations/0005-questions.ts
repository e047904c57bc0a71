import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * What listings ask besides terms, dates and reads: comments, votes, reads by day, words, marks of
 * the entry itself, and a fixed random place for shuffles.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

/**
 * The finaliser of MurmurHash3 without its highest bit, as core/query/shuffle.ts computes it:
 * products in halves, since whole ones would pass 64 bits.
 */
const scatter = `
  create function scatter_of(id integer) returns integer language sql immutable parallel safe as $$
    select ((c.mixed # (c.mixed >> 16)) & 2147483647)::integer
    from (select id::bigint & 4294967295 as mixed) start,
    lateral (select start.mixed # (start.mixed >> 16) as mixed) a1,
    lateral (select (a1.mixed * 51819 + (((a1.mixed * 34283) & 65535) << 16)) & 4294967295 as mixed) a,
    lateral (select a.mixed # (a.mixed >> 13) as mixed) b1,
    lateral (select (b1.mixed * 44597 + (((b1.mixed * 49842) & 65535) << 16)) & 4294967295 as mixed) c
  $$`

/**
 * A trigger that appends what a statement changes in the counts of keys: one row for each key,
 * however many entries.
 */
function keyCounting(action: 'insert' | 'update' | 'delete', tables: string, rows: string): string {
  return `
    create function count_keys_after_${action}() returns trigger language plpgsql as $$
    begin
      insert into key_count_changes (collection_id, key, change)
      select collection_id, key, sum(sign) from (${rows}) changed, unnest(keys || 0) key
      group by collection_id, key having sum(sign) <> 0;
      return null;
    end $$;
    create trigger count_keys_${action} after ${action} on entry_index
    referencing ${tables} for each statement execute function count_keys_after_${action}()`
}

const statements = [
  scatter,
  // Collections from before are indexed anew once, when a server starts.
  `alter table collections add column index_form integer not null default 0`,
  `alter table collections alter column index_form set default 1`,
  `alter table site add column broken_rules text not null default 'without' check (broken_rules in ('without', 'nothing'))`,
  `alter table entries
    add column comment_count integer not null default 0,
    add column votes integer not null default 0 check (votes >= 0),
    add column votes_for integer not null default 0 check (votes_for between 0 and votes),
    add column rating double precision`,
  `alter table entry_index
    add column comments integer not null default 0,
    add column rating double precision,
    add column scatter integer not null generated always as (scatter_of(entry_id)) stored,
    add column pile smallint not null generated always as (scatter_of(entry_id) % 1024) stored`,
  `create index entry_index_comments on entry_index (collection_id, comments, entry_id)`,
  `create index entry_index_rating on entry_index (collection_id, rating, entry_id)`,
  `create index entry_index_pile on entry_index (collection_id, pile)`,
  // A first mark for entries that were indexed before there were marks.
  `update entry_index i set keys = i.keys
      || case when e.picture_id is null then '{}'::integer[] else '{-1}' end
      || case when btrim(e.summary) = '' then '{}'::integer[] else '{-2}' end
      || case when e.pinned then '{-3}'::integer[] else '{}' end
    from entries e where e.id = i.entry_id`,
  `create table entry_words (
    entry_id integer primary key references entries on delete cascade,
    words text[] not null
  )`,
  // How many entries have a key; the key 0 stands for the collection itself. Writers append what they
  // change and never wait for each other; what was appended is added up later.
  `create table key_counts (
    collection_id integer not null,
    key integer not null,
    entries integer not null,
    primary key (collection_id, key)
  )`,
  `create table key_count_changes (
    collection_id integer not null,
    key integer not null,
    change integer not null
  )`,
  `create index key_count_changes_key on key_count_changes (collection_id, key)`,
  `insert into key_counts (collection_id, key, entries)
    select collection_id, key, count(*) from entry_index, unnest(keys || 0) key group by collection_id, key`,
  keyCounting('insert', 'new table as came', `select collection_id, keys, 1 as sign from came`),
  keyCounting(
    'update',
    'old table as went new table as came',
    `select collection_id, keys, 1 as sign from came union all select collection_id, keys, -1 from went`,
  ),
  keyCounting('delete', 'old table as went', `select collection_id, keys, -1 as sign from went`),
  `create index entry_words_words on entry_words using gin (words) with (fastupdate = off)`,
  `create table entry_reads (
    entry_id integer not null references entries on delete cascade,
    day date not null,
    count integer not null check (count > 0),
    primary key (day, entry_id)
  )`,
  `create index entry_reads_entry on entry_reads (entry_id)`,
  // Reads of a stretch of days, counted together, so that the most read are read off an index.
  `create table read_windows (
    since date not null,
    until date not null,
    primary key (since, until)
  )`,
  `create table recent_reads (
    since date not null,
    until date not null,
    collection_id integer not null,
    entry_id integer not null references entries on delete cascade,
    reads integer not null,
    primary key (since, until, entry_id),
    foreign key (since, until) references read_windows on delete cascade
  )`,
  `create index recent_reads_order on recent_reads (since, until, collection_id, reads, entry_id)`,
  `create index recent_reads_entry on recent_reads (entry_id)`,
]
