import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Pictures are kept in more than one format. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table media_files
    add column format text not null default 'webp' check (format in ('avif', 'webp')),
    drop constraint media_files_pkey,
    add primary key (hash, width, format)`.execute(db)
  await sql`alter table media_files alter column format drop default`.execute(db)
}
