import { sql } from 'kysely'
import type { Db } from './client'

const collations = new WeakMap<Db, Map<string, string>>()

/**
 * The database's collation for a language: ICU's own, with numbers by their value (“Part 2” before
 * “Part 10”; Unicode LDML, key kn). Made where there is none yet. The language goes to ICU as it is,
 * so that zh-TW is ordered as browsers do, by strokes.
 */
export async function collationFor(db: Db, locale: string): Promise<string> {
  const known = collations.get(db) ?? new Map<string, string>()
  collations.set(db, known)
  const found = known.get(locale) ?? (await madeCollation(db, new Intl.Locale(locale, { numeric: true })))
  known.set(locale, found)
  return found
}

async function madeCollation(db: Db, locale: Intl.Locale): Promise<string> {
  const name = `bushel_${locale.baseName}`
  const present = await sql`select from pg_collation where collname = ${name}`.execute(db)
  if (present.rows.length > 0) return name
  // Two servers that make it at once: the second finds it there.
  await sql`
    do ${sql.raw(`$make$ begin
      perform pg_advisory_xact_lock(hashtext('collations'));
      create collation if not exists "${name.replaceAll('"', '')}" (provider = icu, locale = '${locale.toString().replaceAll("'", '')}', deterministic = true);
    end $make$`)}`.execute(db)
  return name
}
