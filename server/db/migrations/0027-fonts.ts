import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** A site brings fonts of its own with it; the families of looks are named by what they are for. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`alter table site add column fonts jsonb not null default '[]'`.execute(db)
  await sql`create table font_files (
    hash text primary key,
    bytes bytea not null
  )`.execute(db)
  await sql`alter table font_files alter column bytes set storage external`.execute(db)
  await sql`update looks set styles = ${renamed('styles')}`.execute(db)
  await sql`update listings set draft = ${renamed('draft')}, published = ${renamed('published')}`.execute(db)
  await sql`update page_versions set listings = ${renamed('listings')}`.execute(db)
  await sql`update planned_publications set listings = ${renamed('listings')}`.execute(db)
}

function renamed(column: string) {
  return sql`replace(replace(${sql.ref(column)}::text,
    '"family": "serif"', '"family": "headings"'), '"family": "sans"', '"family": "text"')::jsonb`
}
