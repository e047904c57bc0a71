import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** What visitors press is counted by the day: no more than how often. Each month lies by itself, to be dropped whole. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`create table presses (
    day date not null,
    listing_id uuid not null,
    kind text not null check (kind in ('choice', 'page', 'card')),
    what text not null check (char_length(what) <= 400),
    count integer not null check (count > 0),
    primary key (day, listing_id, kind, what)
  ) partition by range (day)`.execute(db)
}
