import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { Answer } from '../../core/query/evaluate'
import { filterOf } from '../../core/query/plan'
import type { Plan, PlanKey } from '../../core/query/plan'
import type { Position } from '../../core/query/position'
import { nothing } from '../../core/query/predicate'
import type { FieldColumn, Predicate } from '../../core/query/predicate'
import { placesFrom, shuffleModulus, shuffleOf } from '../../core/query/shuffle'
import { keptPlan } from '../db/client'
import type { Db } from '../db/client'
import { collationFor } from '../db/collation'
import { isAskedOfAll } from './asked-of-all'
import { conditionOf } from './conditions'
import type { Condition } from './conditions'
import { isFoundSooner } from './expected-matches'
import { everyEntry, keyCounts } from './key-counts'
import { following, indexFor, keyExpression, orderBy, positionValue } from './order-columns'
import { rollsReads } from './read-windows'
import { placeOf, segmentsOf } from './segments'
import type { Segment } from './segments'

/**
 * How many rows of a collection are walked in order, at first and at most, before what matches is
 * looked for instead.
 */
const walks = [200, 3000] as const

/**
 * The entries a plan shows, in order: found stretch by stretch, each by the cheapest way that is
 * exact. With `after`, what follows that position; nothing is skipped then.
 */
export async function shownPositions(
  db: Db,
  plan: Plan,
  locale: string,
  after: Position | null = null,
): Promise<readonly Position[]> {
  const asking: Asking = {
    db,
    plan,
    locale,
    collation: await collationFor(db, locale),
    rolled: await rollsReads(db, plan.order),
    tie: plan.order.at(-1)?.direction ?? 'down',
  }
  const skip = after === null ? plan.skip : 0
  const wanted = skip + plan.take
  const found: Position[] = []
  for (const segment of segmentsOf(plan.order)) {
    const place = after === null ? 'within' : placeOf(segment, plan.order, after)
    if (place === 'behind') continue
    const start =
      after !== null && place === 'within'
        ? { ...after, values: after.values.slice(segment.shared.length) }
        : null
    found.push(...(await segmentPositions(asking, segment, wanted - found.length, start)))
    if (found.length >= wanted) break
  }
  return found.slice(skip)
}

/** The ids a plan shows, in order. */
export async function shownIds(
  db: Db,
  plan: Plan,
  locale: string,
  after: Position | null = null,
): Promise<readonly number[]> {
  return (await shownPositions(db, plan, locale, after)).map((position) => position.id)
}

/** The whole answer: the ids, and how many entries each step leaves. */
export async function answerOf(db: Db, plan: Plan, locale: string): Promise<Answer> {
  const [ids, { steps }] = await Promise.all([shownIds(db, plan, locale), countsOf(db, plan)])
  return { ids, counts: steps }
}

/**
 * How many entries each step of a plan leaves, and how many that visitors may see pass each of
 * `alone`: in one round trip.
 */
export async function countsOf(
  db: Db,
  plan: Plan,
  alone: readonly Predicate[] = [],
): Promise<{ readonly steps: readonly number[]; readonly alone: readonly number[] }> {
  const visible = plan.steps[0]?.asks ?? nothing
  if (alone.length === 0 && isAskedOfAll(plan) && visible.test === 'visible') {
    const all = (await keyCounts(db, plan.collections, [everyEntry], visible.at)).get(everyEntry) ?? 0
    return { steps: plan.steps.map(() => all), alone: [] }
  }
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
    return sql`select ${sql.join([sql`${failed} as failed`, ...passed])} from entry_index i where i.collection_id = ${collection} and ${conditionOf(visible, collection)}`
  })
  const sums = alone.map(
    (_, at) => sql`count(*) filter (where ${sql.ref(`alone_${at}`)})::integer as ${sql.ref(`alone_${at}`)}`,
  )
  const { rows } = await sql<Record<string, number>>`
    select ${sql.join([sql`failed`, sql`count(*)::integer as entries`, ...sums])} from (${sql.join(legs, sql` union all `)}) told group by failed`.execute(
    db,
  )
  const sum = (name: string, from = 0) =>
    rows.reduce((total, row) => total + ((row.failed ?? 0) > from ? (row[name] ?? 0) : 0), 0)
  return {
    steps: plan.steps.map((_, at) => sum('entries', at)),
    alone: alone.map((_, at) => sum(`alone_${at}`)),
  }
}

interface Asking {
  readonly db: Db
  readonly plan: Plan
  readonly locale: string
  readonly collation: string
  readonly tie: 'up' | 'down'
  /** Whether the reads that are asked for are counted together already. */
  readonly rolled: boolean
}

/**
 * The entries of one stretch of the order: looked for where few match, walked to where an order has
 * an index.
 */
async function segmentPositions(
  asking: Asking,
  segment: Segment,
  most: number,
  start: Position | null,
): Promise<readonly Position[]> {
  const { plan, db } = asking
  const filtered = !isAskedOfAll(plan)
  const [first] = segment.keys
  const few = segment.few && !(first?.by === 'reads' && asking.rolled)
  if (few || (filtered && (await isFoundSooner(db, plan, most))))
    return orderedPositions(asking, segment, most, start, 'matching')
  if (first?.by === 'shuffle') return shuffledPositions(asking, segment, first, most, start)
  const [collection, second] = plan.collections
  if (!filtered || collection === undefined || second !== undefined || !isWalkable(first))
    return orderedPositions(asking, segment, most, start, 'direct')
  return (
    (await walkedPositions(asking, segment, collection, most, start)) ??
    orderedPositions(asking, segment, most, start, 'matching')
  )
}

function isWalkable(key: PlanKey | undefined): boolean {
  return (
    key !== undefined &&
    !(key.by === 'title' && key.shown !== undefined) &&
    ['publishedAt', 'title', 'views', 'comments', 'rating', 'field'].includes(key.by)
  )
}

interface Row {
  readonly entry_id: number
  readonly [key: `k${number}`]: unknown
}

function positionsOf(rows: readonly Row[], segment: Segment): readonly Position[] {
  return rows.map((row) => ({
    values: [...segment.shared, ...segment.keys.map((_, at) => positionValue(row[`k${at}`]))],
    id: row.entry_id,
  }))
}

function columns(segment: Segment, collection: number): RawBuilder<unknown> {
  return sql.join([
    sql`i.entry_id`,
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
  { plan, collation, tie }: Asking,
  segment: Segment,
  collection: number,
  start: Position | null,
  more: Condition,
): Condition {
  const after =
    start === null
      ? sql<boolean>`true`
      : following(segment.keys, expressions(segment, collection), start, collation, tie)
  // Written out, so that a kept plan may use the indexes of this collection alone.
  return sql<boolean>`i.collection_id = ${sql.lit(collection)} and ${segment.where(collection)} and ${after} and ${more} and ${conditionOf(plan.steps[0]?.asks ?? nothing, collection)}`
}

/**
 * All that match, ordered: one leg for each collection. “Direct” leaves the way to the planner, which
 * walks the order's index; “matching” makes it find what matches first, however few it expects.
 */
async function orderedPositions(
  asking: Asking,
  segment: Segment,
  most: number,
  start: Position | null,
  way: 'direct' | 'matching',
): Promise<readonly Position[]> {
  const { plan, collation, tie, db } = asking
  const filter = filterOf({ ...plan, steps: plan.steps.slice(1) })
  const legs = plan.collections.map((collection) => {
    const found = sql`select ${columns(segment, collection)} from ${indexFor(segment.keys, asking.rolled)} where ${belongs(asking, segment, collection, start, conditionOf(filter, collection))}`
    if (way === 'matching') return found
    return sql`(${found} order by ${orderBy(segment.keys, expressions(segment, collection), collation, tie, true, sql`i.entry_id`)} limit ${sql.lit(most)})`
  })
  const [only, ...others] = legs
  if (way === 'direct' && only !== undefined && others.length === 0)
    return positionsOf((await sql<Row>`${keptPlan}${only}`.execute(db)).rows, segment)
  const all = sql.join(legs, sql` union all `)
  // Where a filter is looked for first, how rare it is decides the plan.
  const unfiltered = isAskedOfAll(plan)
  const inOrder = orderBy(segment.keys, named(segment), collation, tie, true)
  const { rows } = await (
    way === 'matching'
      ? sql<Row>`${unfiltered ? keptPlan : sql``}with matching as materialized (${all}) select * from matching order by ${inOrder} limit ${sql.lit(most)}`
      : sql<Row>`${keptPlan}select * from (${all}) legs order by ${inOrder} limit ${sql.lit(most)}`
  ).execute(db)
  return positionsOf(rows, segment)
}

/**
 * Walks in order until there is enough: a short way, and a longer one where the short one found some.
 * Null when that holds too few to be sure.
 */
async function walkedPositions(
  asking: Asking,
  segment: Segment,
  collection: number,
  most: number,
  start: Position | null,
): Promise<readonly Position[] | null> {
  for (const bound of walks) {
    if (most > bound) continue
    const found = await walkOf(asking, segment, collection, most, start, bound)
    if (found.length === most) return found
    if (found.length === 0) return null
  }
  return null
}

/**
 * What matches in a bounded part of the collection, in order. PostgreSQL stops walking as soon as
 * enough is found.
 */
async function walkOf(
  asking: Asking,
  segment: Segment,
  collection: number,
  most: number,
  start: Position | null,
  bound: number,
): Promise<readonly Position[]> {
  const { plan, collation, tie, db } = asking
  const filter = conditionOf(filterOf({ ...plan, steps: plan.steps.slice(1) }), collection)
  const columnsOfKeys = segment.keys.map(
    (key, at) => sql`${keyExpression(key, collection)} as ${sql.ref(`k${at}`)}`,
  )
  const { rows } = await sql<Row>`${keptPlan}
    select ${sql.join([sql`entry_id`, ...named(segment)])} from (
      select i.*, ${sql.join(columnsOfKeys)} from ${indexFor(segment.keys, asking.rolled)}
      where ${belongs(asking, segment, collection, start, conditionOf(alongOrder(plan, segment), collection))}
      order by ${orderBy(segment.keys, expressions(segment, collection), collation, tie, true, sql`i.entry_id`)} limit ${sql.lit(bound)}
    ) i where ${filter} order by ${orderBy(segment.keys, named(segment), collation, tie, true)} limit ${sql.lit(most)}`.execute(
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

/** Looking up more places than this takes longer than ranking a collection that makes it necessary. */
const mostPlaces = 20_000

/** The first of a shuffle: those at its first places, or, where many would be empty, all of them ranked. */
async function shuffledPositions(
  asking: Asking,
  segment: Segment,
  key: Extract<PlanKey, { by: 'shuffle' }>,
  most: number,
  start: Position | null,
): Promise<readonly Position[]> {
  const { db, plan } = asking
  const entries = (await keyCounts(db, plan.collections, [everyEntry], Date.now())).get(everyEntry) ?? 0
  // Half as many again as should hold enough.
  const count = Math.ceil((1.5 * (most + 10) * shuffleModulus) / Math.max(1, entries))
  if (count <= mostPlaces) {
    const found = await orderedPositions(
      asking,
      {
        ...segment,
        where: atPlaces(segment, placesFrom(Number(start?.values[0] ?? 0), count, shuffleOf(key.seed))),
      },
      most,
      start,
      'matching',
    )
    if (found.length >= most) return found
  }
  return orderedPositions(asking, segment, most, start, 'matching')
}

function atPlaces(segment: Segment, chosen: readonly number[]): Segment['where'] {
  return (collection) =>
    sql<boolean>`(place = any(${sql.val([...chosen])}::integer[]) and ${segment.where(collection)})`
}
