import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/**
 * Site, people, content, media, pages, listings and the change log. One number series feeds every
 * id that can become a key of the entry index, so that an id is at once its key.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}

const statements = [
  `create extension if not exists btree_gin`,
  `create sequence key_series as integer`,

  `create table site (
    id integer primary key default 1 check (id = 1),
    name text not null,
    tagline text not null default '',
    locale text not null,
    time_zone text not null
  )`,

  `create table accounts (
    id uuid primary key default gen_random_uuid(),
    email text not null unique check (email = lower(email)),
    name text not null,
    role text not null check (role in ('owner', 'designer', 'writer')),
    password_hash text not null,
    created_at timestamptz not null default now()
  )`,
  `create table account_sessions (
    id uuid primary key default gen_random_uuid(),
    account_id uuid not null references accounts on delete cascade,
    created_at timestamptz not null default now(),
    expires_at timestamptz not null
  )`,
  `create index account_sessions_account on account_sessions (account_id)`,
  `create table sign_in_failures (
    subject text not null,
    failed_at timestamptz not null default now()
  )`,
  `create index sign_in_failures_subject on sign_in_failures (subject, failed_at)`,

  `create table collections (
    id integer primary key default nextval('key_series'),
    slug text not null unique,
    name text not null,
    singular text not null,
    plural text not null,
    icon text not null,
    kind text not null
  )`,
  `create table fields (
    id integer primary key default nextval('key_series'),
    collection_id integer not null references collections on delete cascade,
    key text not null,
    name text not null,
    type text not null,
    settings jsonb not null default '{}',
    position integer not null,
    unique (collection_id, key)
  )`,
  `create table authors (
    id integer primary key default nextval('key_series'),
    slug text not null unique,
    name text not null,
    about text not null default ''
  )`,

  `create table facets (
    id integer primary key default nextval('key_series'),
    slug text not null unique,
    name text not null,
    plural text not null
  )`,
  `create table collection_facets (
    collection_id integer not null references collections on delete cascade,
    facet_id integer not null references facets on delete cascade,
    position integer not null,
    primary key (collection_id, facet_id)
  )`,
  `create table terms (
    id integer primary key default nextval('key_series'),
    facet_id integer not null references facets on delete cascade,
    parent_id integer references terms on delete cascade,
    slug text not null,
    name text not null,
    position integer not null,
    unique (facet_id, slug)
  )`,
  `create index terms_parent on terms (parent_id)`,

  `create table media (
    id integer primary key default nextval('key_series'),
    hash text not null unique,
    file_name text not null,
    width integer not null check (width > 0),
    height integer not null check (height > 0),
    alternative text not null default '',
    tint text not null,
    created_at timestamptz not null default now()
  )`,
  `create table media_files (
    hash text not null references media (hash) on delete cascade,
    width integer not null check (width > 0),
    bytes bytea not null,
    primary key (hash, width)
  )`,
  `alter table media_files alter column bytes set storage external`,

  `create table entries (
    id integer primary key default nextval('key_series'),
    collection_id integer not null references collections,
    slug text not null,
    title text not null,
    summary text not null default '',
    body text not null default '',
    status text not null check (status in ('draft', 'published', 'archived')),
    published_at timestamptz,
    author_id integer references authors on delete set null,
    picture_id integer references media on delete set null,
    pinned boolean not null default false,
    view_count integer not null default 0,
    field_values jsonb not null default '{}',
    version integer not null default 1,
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now(),
    updated_by uuid references accounts on delete set null,
    deleted_at timestamptz,
    check (status <> 'published' or published_at is not null)
  )`,
  `create unique index entries_slug on entries (collection_id, slug) where deleted_at is null`,
  `create index entries_updated on entries (collection_id, updated_at desc, id desc) where deleted_at is null`,
  `create index entries_author on entries (author_id)`,
  `create index entries_picture on entries (picture_id)`,
  `create table entry_terms (
    entry_id integer not null references entries on delete cascade,
    term_id integer not null references terms on delete cascade,
    position integer not null,
    primary key (entry_id, term_id)
  )`,
  `create index entry_terms_term on entry_terms (term_id)`,

  `create table entry_index (
    entry_id integer primary key references entries on delete cascade,
    collection_id integer not null,
    title text not null,
    published_at timestamptz not null,
    views integer not null,
    pinned boolean not null,
    keys integer[] not null
  ) with (autovacuum_vacuum_insert_scale_factor = 0.02)`,
  `create index entry_index_date on entry_index (collection_id, published_at, entry_id)`,
  `create index entry_index_views on entry_index (collection_id, views, entry_id)`,
  `create index entry_index_keys on entry_index using gin (collection_id, keys) with (fastupdate = off)`,
  `alter table entry_index alter column keys set statistics 1000`,

  `create table pages (
    id integer primary key default nextval('key_series'),
    path text not null unique check (path ~ '^/'),
    position integer not null,
    draft jsonb not null,
    draft_version integer not null default 1,
    draft_by uuid references accounts on delete set null,
    draft_at timestamptz not null default now(),
    published jsonb,
    published_at timestamptz
  )`,
  `create table listings (
    id uuid primary key,
    draft jsonb not null,
    draft_version integer not null default 1,
    published jsonb
  )`,
  `create table page_versions (
    id integer primary key generated always as identity,
    page_id integer not null references pages on delete cascade,
    page jsonb not null,
    listings jsonb not null,
    published_at timestamptz not null default now(),
    published_by uuid references accounts on delete set null
  )`,
  `create index page_versions_page on page_versions (page_id, id desc)`,

  `create table changes (
    id bigint primary key generated always as identity,
    transaction_id xid8 not null default pg_current_xact_id(),
    kind text not null check (kind in ('collection', 'page', 'site')),
    subject_id integer,
    happened_at timestamptz not null default now()
  )`,
  `create index changes_order on changes (transaction_id, id)`,
]
