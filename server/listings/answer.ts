import { sql } from 'kysely'
import type { Answer } from '../../core/query/evaluate'
import type { Plan } from '../../core/query/plan'
import type { Db } from '../db/client'
import { countsQuery, idsQuery } from './compile'

/** The ids a plan shows, in order. */
export async function shownIds(db: Db, plan: Plan, locale: string): Promise<readonly number[]> {
  const { rows } = await idsQuery(plan, await collationFor(db, locale)).execute(db)
  return rows.map((row) => row.entry_id)
}

/** The whole answer: the ids, and how many entries each step leaves. */
export async function answerOf(db: Db, plan: Plan, locale: string): Promise<Answer> {
  const [ids, counts] = await Promise.all([shownIds(db, plan, locale), stepCounts(db, plan)])
  return { ids, counts }
}

/** How many entries each step of a plan leaves. */
export async function stepCounts(db: Db, plan: Plan): Promise<readonly number[]> {
  const { rows } = await countsQuery(plan).execute(db)
  return plan.steps.map((_, at) => rows[0]?.[`step_${at}`] ?? 0)
}

const collations = new Map<string, string>()

/** The database's ICU collation for a language tag, or for its language alone, or the root's. */
async function collationFor(db: Db, locale: string): Promise<string> {
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
