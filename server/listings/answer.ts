import type { Answer } from '../../core/query/evaluate'
import type { Plan } from '../../core/query/plan'
import type { Db } from '../db/client'
import { collationFor } from '../db/collation'
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
