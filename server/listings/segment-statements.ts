import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { filterOf } from '../../core/query/plan'
import type { Plan } from '../../core/query/plan'
import type { Position } from '../../core/query/position'
import { nothing } from '../../core/rules/predicate'
import type { FieldColumn, Predicate } from '../../core/rules/predicate'
import { keptPlan } from '../db/client'
import type { Db } from '../db/client'
import { isAskedOfAll } from './asked-of-all'
import { conditionOf } from './conditions'
import type { Condition } from './conditions'
import { following, indexFor, keyExpression, orderBy, positionValue } from './order-columns'
import type { Way } from './order-columns'
import { isShownRow, rowColumns } from './rows'
import type { Segment } from './segments'

/** What every statement for a stretch of a plan's order goes by. */
export interface Asking {
  readonly db: Db
  readonly plan: Plan
  readonly locale: string
  readonly way: Way
  /** Whether the reads that are asked for are counted together already. */
  readonly rolled: boolean
}

/**
 * All that match, ordered: one leg for each collection. “Direct” leaves the way to the planner, which
 * walks the order's index; “matching” makes it find what matches first, however few it expects.
 */
export async function orderedPositions(
  asking: Asking,
  segment: Segment,
  most: number,
  start: Position | null,
  means: 'direct' | 'matching',
): Promise<readonly Position[]> {
  const { plan, db } = asking
  const filter = filterOf({ ...plan, steps: plan.steps.slice(1) })
  const legs = plan.collections.map((collection) => {
    const wanted = sql<boolean>`${conditionOf(filter, collection)} and ${isShownRow(plan, collection)}`
    const found = sql`select ${columns(plan, segment, collection)} from ${indexFor(plan, segment.keys, asking.rolled)} where ${belongs(asking, segment, collection, start, wanted)}`
    if (means === 'matching') return found
    return sql`(${found} order by ${orderBy(segment.keys, expressions(segment, collection), asking.way, true, rowColumns(plan.rows))} limit ${sql.lit(most)})`
  })
  const [only, ...others] = legs
  if (means === 'direct' && only !== undefined && others.length === 0)
    return positionsOf((await sql<Row>`${keptPlan}${only}`.execute(db)).rows, segment)
  const all = sql.join(legs, sql` union all `)
  // Where a filter is looked for first, how rare it is decides the plan.
  const unfiltered = isAskedOfAll(plan)
  const inOrder = orderBy(segment.keys, named(segment), asking.way, true, rowNames(plan))
  const { rows } = await (
    means === 'matching'
      ? sql<Row>`${unfiltered ? keptPlan : sql``}with matching as materialized (${all}) select * from matching order by ${inOrder} limit ${sql.lit(most)}`
      : sql<Row>`${keptPlan}select * from (${all}) legs order by ${inOrder} limit ${sql.lit(most)}`
  ).execute(db)
  return positionsOf(rows, segment)
}

/** How many rows there are up to one of them, that one included. */
export interface CountedPosition {
  readonly count: number
  readonly position: Position
}

/** Every so manieth of all that match in a stretch, and its last, each with how many there are up to it. */
export async function everyNthPosition(
  { plan, db, way, rolled }: Asking,
  segment: Segment,
  nth: number,
): Promise<readonly CountedPosition[]> {
  const filter = filterOf({ ...plan, steps: plan.steps.slice(1) })
  const legs = plan.collections.map((collection) => {
    const wanted = sql<boolean>`${conditionOf(filter, collection)} and ${isShownRow(plan, collection)}`
    return sql`select ${columns(plan, segment, collection)} from ${indexFor(plan, segment.keys, rolled)} where ${belongs({ plan, way }, segment, collection, null, wanted)}`
  })
  const inOrder = orderBy(segment.keys, named(segment), way, true, rowNames(plan))
  const { rows } = await sql<Row & { readonly count: number }>`
    select * from (
      select *, (row_number() over (order by ${inOrder}))::integer as count, count(*) over () as everything
      from (${sql.join(legs, sql` union all `)}) legs
    ) numbered where count % ${sql.lit(nth)} = 0 or count = everything order by count`.execute(db)
  const positions = positionsOf(rows, segment)
  return rows.flatMap(({ count }, at) => {
    const position = positions[at]
    return position === undefined ? [] : [{ count, position }]
  })
}

/**
 * What matches in a bounded part of the collection, in order. PostgreSQL stops walking as soon as
 * enough is found.
 */
export async function walkOf(
  asking: Asking,
  segment: Segment,
  collection: number,
  most: number,
  start: Position | null,
  bound: number,
): Promise<readonly Position[]> {
  const { plan, db } = asking
  const filter = conditionOf(filterOf({ ...plan, steps: plan.steps.slice(1) }), collection)
  const columnsOfKeys = segment.keys.map(
    (key, at) => sql`${keyExpression(key, collection)} as ${sql.ref(`k${at}`)}`,
  )
  const { rows } = await sql<Row>`${keptPlan}
    select ${sql.join([...rowNames(plan), ...named(segment)])} from (
      select i.*, ${sql.join(columnsOfKeys)} from ${indexFor(plan, segment.keys, asking.rolled)}
      where ${belongs(asking, segment, collection, start, conditionOf(alongOrder(plan, segment), collection))}
      order by ${orderBy(segment.keys, expressions(segment, collection), asking.way, true, rowColumns(plan.rows))} limit ${sql.lit(bound)}
    ) i where ${filter} and ${isShownRow(plan, collection)} order by ${orderBy(segment.keys, named(segment), asking.way, true, rowNames(plan))} limit ${sql.lit(most)}`.execute(
    db,
  )
  return positionsOf(rows, segment)
}

/** The ranges asked of the value that the walk goes along: an index can begin and end with them. */
function alongOrder(plan: Plan, segment: Segment): Predicate {
  const [first] = segment.keys
  const flat = (predicate: Predicate): readonly Predicate[] =>
    predicate.test === 'all' ? predicate.of.flatMap(flat) : [predicate]
  const isAlong = (predicate: Predicate) =>
    predicate.test === 'between' &&
    (first?.by === 'field'
      ? typeof predicate.value === 'object' && sameColumn(predicate.value, first.column)
      : predicate.value === first?.by)
  return { test: 'all', of: plan.steps.flatMap(({ asks }) => flat(asks)).filter(isAlong) }
}

function sameColumn(a: FieldColumn, b: FieldColumn): boolean {
  return a.fields.length === b.fields.length && a.fields.every((one, at) => one.field === b.fields[at]?.field)
}

interface Row {
  readonly entry_id: number
  readonly at?: Date | null
  readonly [key: `k${number}`]: unknown
}

function positionsOf(rows: readonly Row[], segment: Segment): readonly Position[] {
  return rows.map((row) => ({
    values: [...segment.shared, ...segment.keys.map((_, at) => positionValue(row[`k${at}`]))],
    id: row.entry_id,
    at: row.at?.getTime() ?? null,
  }))
}

function rowNames({ rows }: Plan): readonly RawBuilder<unknown>[] {
  return rows.of === 'entries' ? [sql`entry_id`] : [sql`entry_id`, sql`at`]
}

function columns({ rows }: Plan, segment: Segment, collection: number): RawBuilder<unknown> {
  return sql.join([
    ...rowColumns(rows),
    ...segment.keys.map((key, at) => sql`${keyExpression(key, collection)} as ${sql.ref(`k${at}`)}`),
  ])
}

function expressions(segment: Segment, collection: number): readonly RawBuilder<unknown>[] {
  return segment.keys.map((key) => keyExpression(key, collection))
}

function named(segment: Segment): readonly RawBuilder<unknown>[] {
  return segment.keys.map((_, at) => sql.ref(`k${at}`))
}

function belongs(
  { plan, way }: Pick<Asking, 'plan' | 'way'>,
  segment: Segment,
  collection: number,
  start: Position | null,
  more: Condition,
): Condition {
  const after =
    start === null
      ? sql<boolean>`true`
      : following(segment.keys, expressions(segment, collection), start, way)
  // Written out, so that a kept plan may use the indexes of this collection alone.
  return sql<boolean>`i.collection_id = ${sql.lit(collection)} and ${segment.where(collection)} and ${after} and ${more} and ${conditionOf(plan.steps[0]?.asks ?? nothing, collection)}`
}
