import { sql } from 'kysely'
import type { Answer } from '../../core/query/evaluate'
import type { Plan, PlanKey } from '../../core/query/plan'
import type { Position } from '../../core/query/position'
import type { RowKey } from '../../core/content/row'
import { isBoundInTime } from '../../core/query/stretch'
import { placesFrom, shuffleModulus, shuffleOf } from '../../core/query/shuffle'
import type { Db } from '../db/client'
import { collationFor } from '../db/collation'
import { isAskedOfAll } from './asked-of-all'
import { isFoundSooner } from './expected-matches'
import { everyEntry, keyCounts } from './key-counts'
import { rollsReads } from './read-windows'
import { everyNthPosition, orderedPositions, walkOf } from './segment-statements'
import type { Asking, CountedPosition } from './segment-statements'
import { placeOf, segmentsOf } from './segments'
import type { Segment } from './segments'
import { countsOf } from './step-counts'

/**
 * How many rows of a collection are walked in order, at first and at most, before what matches is
 * looked for instead.
 */
const walks = [200, 3000] as const

/**
 * The entries a plan shows, in order: found stretch by stretch, each by the cheapest way that is
 * exact. With `from`, what follows that position; nothing is skipped then. From its end, the order is gone
 * through the other way: what is skipped is skipped there, and what is nearest to the end comes first.
 */
export async function shownPositions(
  db: Db,
  plan: Plan,
  locale: string,
  from: Position | null = null,
  end: 'start' | 'end' = 'start',
): Promise<readonly Position[]> {
  const asking = await askingFor(db, plan, locale, end)
  const skip = from === null ? plan.skip : 0
  const wanted = skip + plan.take
  const found: Position[] = []
  const segments = segmentsAsked(plan)
  for (const segment of end === 'start' ? segments : segments.toReversed()) {
    const place = from === null ? 'within' : placeOf(segment, plan.order, from)
    if (place === (end === 'start' ? 'behind' : 'before')) continue
    const start =
      from !== null && place === 'within'
        ? { ...from, values: from.values.slice(segment.shared.length) }
        : null
    const gone = end === 'start' ? segment : { ...segment, keys: segment.keys.map(otherWay) }
    found.push(...(await segmentPositions(asking, gone, wanted - found.length, start)))
    if (found.length >= wanted) break
  }
  return found.slice(skip)
}

async function askingFor(
  db: Db,
  plan: Plan,
  locale: string,
  end: 'start' | 'end' = 'start',
): Promise<Asking> {
  const tie = plan.order.at(-1)?.direction ?? 'down'
  return {
    db,
    plan,
    locale,
    rolled: await rollsReads(db, plan.order),
    way: {
      collation: await collationFor(db, locale),
      tie: end === 'start' ? tie : opposite[tie],
      missing: end === 'start' ? 'last' : 'first',
    },
  }
}

/**
 * Marks along the rows of a plan, those that it skips among them, rising: every so manieth of a stretch of its
 * order, and the last of each. What lies far from both ends is reached from the mark before it.
 */
export async function marksAlong(
  db: Db,
  plan: Plan,
  locale: string,
  nth: number,
): Promise<readonly CountedPosition[]> {
  const asking = await askingFor(db, plan, locale)
  const marks: CountedPosition[] = []
  for (const segment of segmentsAsked(plan)) {
    const before = marks.at(-1)?.count ?? 0
    const some = await everyNthPosition(asking, segment, nth)
    marks.push(...some.map(({ count, position }) => ({ count: before + count, position })))
  }
  return marks
}

const opposite = { up: 'down', down: 'up' } as const

function otherWay(key: PlanKey): PlanKey {
  return { ...key, direction: opposite[key.direction] }
}

/** The stretches of its order in which a plan can have anything: what is bound in time has a date. */
function segmentsAsked(plan: Plan): readonly Segment[] {
  const segments = segmentsOf(plan.order)
  return plan.order[0]?.by === 'startsAt' && isBoundInTime(plan) ? segments.slice(0, 1) : segments
}

/** The rows a plan shows, in order. */
export async function shownRows(
  db: Db,
  plan: Plan,
  locale: string,
  after: Position | null = null,
): Promise<readonly RowKey[]> {
  return (await shownPositions(db, plan, locale, after)).map(({ id, at }) => ({ id, at }))
}

/** The whole answer: the rows, and how many each step leaves. */
export async function answerOf(db: Db, plan: Plan, locale: string): Promise<Answer> {
  const [rows, { steps }] = await Promise.all([shownRows(db, plan, locale), countsOf(db, plan)])
  return { rows, counts: steps }
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
  const few = (segment.few && !(first?.by === 'reads' && asking.rolled)) || isBoundInTime(plan)
  if (few || (filtered && (await isFoundSooner(db, plan, most))))
    return orderedPositions(asking, segment, most, start, 'matching')
  if (first?.by === 'shuffle')
    // Places are looked up from the first on; from the last, all are ranked.
    return first.direction === 'up'
      ? shuffledPositions(asking, segment, first, most, start)
      : orderedPositions(asking, segment, most, start, 'matching')
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
    ['publishedAt', 'startsAt', 'title', 'views', 'comments', 'rating', 'field'].includes(key.by)
  )
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
