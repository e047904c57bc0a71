import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { Plan } from '../../core/query/plan'
import { everything, nothing } from '../../core/rules/predicate'
import type { Predicate } from '../../core/rules/predicate'
import type { Db } from '../db/client'
import { conditionOf } from './conditions'
import { countsWithin } from './found-within'
import type { HeldEntries } from './held-entries'
import { everyEntry, keyCounts } from './key-counts'
import { rowsRelation } from './rows'

/** How many entries each step of a plan leaves, and how many that visitors may see pass others alone. */
export interface StepCounts {
  readonly steps: readonly number[]
  readonly alone: readonly number[]
}

/**
 * How many entries each step of a plan leaves, and how many that visitors may see pass each of
 * `alone`. What is kept counted is read off; for the rest the entries are gone through once.
 */
export async function countsOf(db: Db, plan: Plan, alone: readonly Predicate[] = []): Promise<StepCounts> {
  const visible = plan.steps[0]?.asks ?? nothing
  const asking = plan.steps.slice(1).map((step) => step.asks)
  const [stepKeys, aloneKeys] = [keptSteps(asking), alone.map(keptKey)]
  const unknown = alone.filter((_, at) => aloneKeys[at] === null)
  const at = visible.test === 'visible' ? visible.at : null
  const isKept = plan.rows.of !== 'dates' && at !== null
  if (!isKept || (stepKeys === null && unknown.length === alone.length)) return countedSteps(db, plan, alone)
  const known = [everyEntry, ...(stepKeys ?? []), ...aloneKeys].filter((key) => key !== null)
  const [counts, counted] = await Promise.all([
    keyCounts(db, plan.collections, known, at),
    stepKeys === null || unknown.length > 0 ? countedSteps(db, plan, unknown) : null,
  ])
  const told = counted?.alone.values()
  return {
    steps: counted?.steps ?? [everyEntry, ...(stepKeys ?? [])].map((key) => counts.get(key) ?? 0),
    alone: aloneKeys.map((key) => (key === null ? (told?.next().value ?? 0) : (counts.get(key) ?? 0))),
  }
}

/** How many entries, or dates of them, pass a plan: read off what is kept, else counted where they are found. */
export async function passingCount(db: Db, plan: Plan, held: HeldEntries | null = null): Promise<number> {
  const visible = plan.steps[0]?.asks ?? nothing
  const keys = keptSteps(plan.steps.slice(1).map(({ asks }) => asks))
  if (plan.rows.of === 'dates' || keys === null || visible.test !== 'visible')
    return (await countsWithin(db, plan, [everything], held))[0] ?? 0
  const last = keys.at(-1) ?? everyEntry
  return (await keyCounts(db, plan.collections, [last], visible.at)).get(last) ?? 0
}

/**
 * The key that entries have which pass, the key of all for those that ask nothing; null where more is
 * asked than one key.
 */
function keptKey(predicate: Predicate): number | null {
  const [only, ...others] = predicate.test === 'all' ? predicate.of : []
  if (predicate.test === 'all' && only === undefined) return everyEntry
  if (only !== undefined && others.length === 0) return keptKey(only)
  if (predicate.test !== 'anyKey' && predicate.test !== 'allKeys') return null
  const [key = null, ...more] = predicate.keys
  return more.length === 0 && key !== everyEntry ? key : null
}

/** The keys that entries have which each step leaves; null where steps ask for more than one together. */
function keptSteps(asking: readonly Predicate[]): readonly number[] | null {
  const keys: number[] = []
  for (const predicate of asking) {
    const key = keptKey(predicate)
    const before = keys.at(-1) ?? everyEntry
    if (key === null || (key !== everyEntry && before !== everyEntry && key !== before)) return null
    keys.push(key === everyEntry ? before : key)
  }
  return keys
}

/** What came of entries by that of their rows which came furthest: each is counted once. */
function furthest(told: RawBuilder<unknown>, alone: number): RawBuilder<unknown> {
  const passed = Array.from({ length: alone }, (_, at) => sql.ref(`alone_${at}`))
  return sql`(select ${sql.join([sql`max(failed) as failed`, ...passed.map((one) => sql`bool_or(${one}) as ${one}`)])} from ${told} rows group by entry_id) told`
}

/** Goes through the entries that visitors may see, in one round trip. */
async function countedSteps(db: Db, plan: Plan, alone: readonly Predicate[]): Promise<StepCounts> {
  const visible = plan.steps[0]?.asks ?? nothing
  const legs = plan.collections.map((collection) => {
    // Each condition stands in the statement once: an entry is left by every step before the first it fails.
    const failing = plan.steps
      .slice(1)
      .map(({ asks }, at) => sql`when (${conditionOf(asks, collection)}) is not true then ${sql.lit(at + 1)}`)
    const failed =
      failing.length === 0
        ? sql`${sql.lit(plan.steps.length)}`
        : sql`case ${sql.join(failing, sql` `)} else ${sql.lit(plan.steps.length)} end`
    const passed = alone.map(
      (one, at) => sql`(${conditionOf(one, collection)}) is true as ${sql.ref(`alone_${at}`)}`,
    )
    return sql`select ${sql.join([sql`i.entry_id`, sql`${failed} as failed`, ...passed])} from ${rowsRelation(plan.rows)} where i.collection_id = ${collection} and ${conditionOf(visible, collection)}`
  })
  const told = sql`(${sql.join(legs, sql` union all `)})`
  const sums = alone.map(
    (_, at) => sql`count(*) filter (where ${sql.ref(`alone_${at}`)})::integer as ${sql.ref(`alone_${at}`)}`,
  )
  const { rows } = await sql<Record<string, number>>`
    select ${sql.join([sql`failed`, sql`count(*)::integer as entries`, ...sums])} from ${plan.rows.of === 'next' ? furthest(told, alone.length) : sql`${told} told`} group by failed`.execute(
    db,
  )
  const sum = (name: string, from = 0) =>
    rows.reduce((total, row) => total + ((row.failed ?? 0) > from ? (row[name] ?? 0) : 0), 0)
  return {
    steps: plan.steps.map((_, at) => sum('entries', at)),
    alone: alone.map((_, at) => sum(`alone_${at}`)),
  }
}
