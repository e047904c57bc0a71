import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * Fields and their values, rich text, expiry, history, bulk changes that can be undone, files of
 * every kind, terms with more than a name, addresses that moved, and invitations.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `create extension if not exists pg_trgm`,

  `alter table collections
    add column address text,
    add column deleted_at timestamptz`,
  `update collections set address = '/' || slug || '/{slug}'`,
  `alter table collections alter column address set not null`,
  `create unique index collections_address on collections (address) where deleted_at is null`,
  `alter table collections drop constraint collections_slug_key`,
  `create unique index collections_slug on collections (slug) where deleted_at is null`,

  `alter table fields
    add column required boolean not null default false,
    add column help text not null default '',
    add column fallback jsonb not null default 'null',
    add column filterable boolean not null default false,
    add column sortable boolean not null default false,
    add column deleted_at timestamptz,
    add column replaced_id integer references fields on delete set null`,
  `alter table fields drop constraint fields_collection_id_key_key`,
  `create unique index fields_key on fields (collection_id, key) where deleted_at is null`,
  `create table field_keys (
    id integer primary key default nextval('key_series'),
    field_id integer not null references fields on delete cascade,
    value text not null,
    unique (field_id, value)
  )`,

  `alter table entries
    add column document jsonb,
    add column expires_at timestamptz,
    add column sort_values jsonb not null default '{}',
    add column field_keys integer[] not null default '{}'`,
  `update entries set document = case when body ~ '\\S' then jsonb_build_object('type', 'doc', 'content', (
      select jsonb_agg(jsonb_build_object('type', 'paragraph', 'content', jsonb_build_array(
        jsonb_build_object('type', 'text', 'text', regexp_replace(btrim(part, E' \\n\\t'), '\\s*\\n\\s*', ' ', 'g')))) order by position)
      from regexp_split_to_table(body, '\\n[ \\t]*(?:\\n[ \\t]*)+') with ordinality parts (part, position)
      where part ~ '\\S'
    )) else '{"type":"doc","content":[{"type":"paragraph"}]}'::jsonb end`,
  `alter table entries drop column body`,
  `alter table entries rename column document to body`,
  `alter table entries
    alter column body set not null,
    add check (expires_at is null or published_at is null or expires_at > published_at)`,
  `create index entries_published on entries (collection_id, published_at desc nulls last, id desc) where deleted_at is null`,
  `create index entries_title on entries (collection_id, title collate "und-x-icu", id) where deleted_at is null`,
  `create index entries_views on entries (collection_id, view_count desc, id desc) where deleted_at is null`,
  `create index entries_search on entries using gin (title gin_trgm_ops)`,

  `alter table entry_index
    add column expires_at timestamptz,
    add column sort_values jsonb not null default '{}'`,
  `create index entry_index_expiry on entry_index (expires_at) where expires_at is not null`,
  `create index entry_index_published on entry_index (published_at)`,

  `create table entry_versions (
    entry_id integer not null references entries on delete cascade,
    version integer not null,
    saved_at timestamptz not null default now(),
    saved_by uuid references accounts on delete set null,
    action text not null,
    content jsonb not null,
    primary key (entry_id, version)
  )`,
  `create table bulk_changes (
    id uuid primary key default gen_random_uuid(),
    collection_id integer not null references collections on delete cascade,
    action text not null,
    entries jsonb not null,
    made_at timestamptz not null default now(),
    made_by uuid references accounts on delete set null,
    undone_at timestamptz
  )`,
  `create table old_addresses (
    path text primary key,
    entry_id integer references entries on delete cascade,
    term_id integer references terms on delete cascade,
    moved_at timestamptz not null default now(),
    check (num_nonnulls(entry_id, term_id) = 1)
  )`,

  `alter table media
    add column kind text not null default 'picture' check (kind in ('picture', 'video', 'sound', 'captions', 'document')),
    add column type text not null default 'image/webp',
    add column bytes integer not null default 0,
    add column credit text not null default '',
    add column focal_x real not null default 0.5 check (focal_x between 0 and 1),
    add column focal_y real not null default 0.5 check (focal_y between 0 and 1),
    add column moves boolean not null default false,
    add column deleted_at timestamptz`,
  `alter table media drop constraint media_width_check, drop constraint media_height_check`,
  `alter table media
    alter column width set default 0,
    alter column height set default 0,
    add check (kind <> 'picture' or (width > 0 and height > 0))`,
  `create table media_originals (
    hash text primary key references media (hash) on delete cascade,
    bytes bytea not null
  )`,
  `alter table media_originals alter column bytes set storage external`,
  `insert into media_originals (hash, bytes)
    select f.hash, f.bytes from media_files f join media m on m.hash = f.hash and m.width = f.width`,
  `update media set bytes = octet_length(o.bytes) from media_originals o where o.hash = media.hash`,
  `create table entry_media (
    entry_id integer not null references entries on delete cascade,
    media_id integer not null references media on delete cascade,
    primary key (entry_id, media_id)
  )`,
  `create index entry_media_media on entry_media (media_id)`,
  `insert into entry_media (entry_id, media_id) select id, picture_id from entries where picture_id is not null`,

  `alter table facets
    add column position integer not null default 0,
    add column deleted_at timestamptz`,
  `alter table facets drop constraint facets_slug_key`,
  `create unique index facets_slug on facets (slug) where deleted_at is null`,
  `alter table terms
    add column description text not null default '',
    add column picture_id integer references media on delete set null,
    add column icon text not null default '',
    add column colour text not null default ''`,
  `alter table authors add column portrait_id integer references media on delete set null`,

  `alter table accounts add column closed_at timestamptz`,
  `create table invitations (
    id uuid primary key default gen_random_uuid(),
    token_hash text not null unique,
    email text not null check (email = lower(email)),
    name text not null default '',
    role text not null check (role in ('owner', 'designer', 'writer')),
    invited_by uuid references accounts on delete set null,
    created_at timestamptz not null default now(),
    expires_at timestamptz not null,
    used_at timestamptz
  )`,
]
