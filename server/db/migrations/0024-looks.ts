import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Looks, which listings share, and the colours of the site that they are made of. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`create table looks (
    id serial primary key,
    name text not null,
    styles jsonb not null,
    version integer not null default 1,
    deleted_at timestamptz
  )`.execute(db)
  await sql`alter table site
    add column colours jsonb,
    add column colours_version integer not null default 1`.execute(db)
}
