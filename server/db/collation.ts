import { sql } from 'kysely'
import type { Db } from './client'

const collations = new Map<string, string>()

/** The database's ICU collation for a language tag, or for its language alone, or the root's. */
export async function collationFor(db: Db, locale: string): Promise<string> {
  const known = collations.get(locale)
  if (known !== undefined) return known
  const wanted = [locale, locale.split('-')[0] ?? locale, 'und'].map((tag) => `${tag}-x-icu`)
  const { rows } = await sql<{ collname: string }>`
    select collname from pg_collation where collname = any(${sql.val(wanted)}::text[])`.execute(db)
  const found = wanted.find((name) => rows.some((row) => row.collname === name))
  if (found === undefined) throw new Error('This PostgreSQL was built without ICU; titles cannot be ordered.')
  collations.set(locale, found)
  return found
}
