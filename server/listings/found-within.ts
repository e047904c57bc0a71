import { sql } from 'kysely'
import { filterOf } from '../../core/query/plan'
import type { Plan } from '../../core/query/plan'
import type { FieldColumn, Predicate, RangeValue } from '../../core/rules/predicate'
import { barsOf, scaleOf } from '../../core/visitors/scale'
import type { Scale } from '../../core/visitors/scale'
import type { Db } from '../db/client'
import { columnFor, conditionOf } from './conditions'
import type { HeldEntries } from './held-entries'
import { rowsRelation } from './rows'

/** What of the rows that pass a plan is counted: each date where each is shown, else entries. */
function countedRows({ rows }: Pick<Plan, 'rows'>) {
  return rows.of === 'next' ? sql`distinct i.entry_id` : sql`*`
}

/**
 * How many of the rows that pass a plan pass each of some other conditions: in one pass over them, in what is
 * held of them where it is.
 */
export async function countsWithin(
  db: Db,
  plan: Plan,
  each: readonly Predicate[],
  held: HeldEntries | null = null,
): Promise<readonly number[]> {
  if (each.length === 0 || plan.collections.length === 0) return each.map(() => 0)
  const heldRows = await held?.of(plan, each)
  if (heldRows) {
    const counts = heldRows.map((rows) => rows.countsWithin(filterOf(plan), each))
    return each.map((_, at) => counts.reduce((sum, those) => sum + (those[at] ?? 0), 0))
  }
  const names = each.map((_, at) => `of_${at}`)
  const legs = plan.collections.map((collection) => {
    const counts = each.map(
      (one, at) =>
        sql`count(${countedRows(plan)}) filter (where ${conditionOf(one, collection)}) as ${sql.ref(names[at] ?? '')}`,
    )
    return sql`select ${sql.join(counts)} from ${passing(plan, collection)}`
  })
  const sums = names.map((name) => sql`sum(${sql.ref(name)})::integer as ${sql.ref(name)}`)
  const { rows } = await sql<Record<string, number>>`
    select ${sql.join(sums)} from (${sql.join(legs, sql` union all `)}) legs`.execute(db)
  return names.map((name) => rows[0]?.[name] ?? 0)
}

/** A date of which there are values. */
export interface DatesAsked {
  readonly value: RangeValue
  /** In which months are told apart: of days, UTC. */
  readonly zone: string
}

/** So many months are told at most, the latest. */
const mostMonths = 60

/** The calendar months in which a date of what passes a plan lies, rising, as addresses have them. */
export async function monthsOf(
  db: Db,
  plan: Plan,
  value: RangeValue,
  zone: string,
): Promise<readonly string[]> {
  const legs = plan.collections.flatMap((collection) => {
    const column = columnFor(value, collection)
    if (column === null) return []
    // A field holds seconds since 1970, a column of the index an instant.
    const instant = typeof value === 'string' ? column : sql`to_timestamp(${column})`
    return [
      sql`select distinct to_char(${instant} at time zone ${zone}, 'YYYY-MM') as month
        from ${passing(plan, collection)} and ${column} is not null`,
    ]
  })
  if (legs.length === 0) return []
  const { rows } = await sql<{ month: string }>`
    select distinct month from (${sql.join(legs, sql` union all `)}) legs
    order by month desc limit ${sql.lit(mostMonths)}`.execute(db)
  return rows.map(({ month }) => month).toReversed()
}

/** Numbers of a field, and with how many decimals they are told. */
export interface NumbersAsked {
  readonly value: FieldColumn
  readonly decimals: number
}

/** A scale with how many entries lie along it, from its least on: one count for each bar. */
export interface Spread {
  readonly scale: Scale
  readonly counts: readonly number[]
}

/** How the numbers of a field lie among what passes a plan; null where there is nothing to tell apart. */
export async function spreadOf(
  db: Db,
  plan: Plan,
  { value, decimals }: NumbersAsked,
  held: HeldEntries | null = null,
): Promise<Spread | null> {
  const extent = await extentOf(db, plan, value)
  const scale = extent === null ? null : scaleOf(extent.least, extent.most, decimals)
  if (scale === null) return null
  const begins = barsOf(scale)
  const bars = begins.map((from, at): Predicate => {
    const before = begins[at + 1] ?? null
    return { test: 'between', value, from, to: before === null ? scale.most : null, before }
  })
  return { scale, counts: await countsWithin(db, plan, bars, held) }
}

/** The least and the most of a field among what passes a plan; null where nothing has one. */
async function extentOf(
  db: Db,
  plan: Plan,
  value: FieldColumn,
): Promise<{ readonly least: number; readonly most: number } | null> {
  const legs = plan.collections.flatMap((collection) => {
    const column = columnFor(value, collection)
    return column === null
      ? []
      : [sql`select min(${column}) as least, max(${column}) as most from ${passing(plan, collection)}`]
  })
  if (legs.length === 0) return null
  const { rows } = await sql<{ least: number | null; most: number | null }>`
    select min(least)::float8 as least, max(most)::float8 as most
    from (${sql.join(legs, sql` union all `)}) legs`.execute(db)
  const { least = null, most = null } = rows[0] ?? {}
  return least === null || most === null ? null : { least, most }
}

function passing(plan: Plan, collection: number) {
  return sql`${rowsRelation(plan.rows)} where i.collection_id = ${collection} and ${conditionOf(filterOf(plan), collection)}`
}
