import { sql } from 'kysely'
import { entryMarks } from '../../core/content/entry'
import type { PlanKey } from '../../core/query/plan'
import type { Position } from '../../core/query/position'
import type { Condition } from './conditions'
import { dayOf, isNeverMissing, keyExpression } from './order-columns'

/**
 * A stretch of an order whose first key every entry in it has, so that an index can be walked: an
 * order that puts pinned entries first, or entries without a value last, is several such stretches
 * one after the other. NULLS LAST and “pinned first” in one sort would read the whole collection.
 */
export interface Segment {
  /** What belongs to it, in the rows of a collection. */
  readonly where: (collection: number) => Condition
  /** What it is ordered by, besides what all in it share. */
  readonly keys: readonly PlanKey[]
  /** The values that all in it share, before those of its keys. */
  readonly shared: readonly (number | null)[]
  /** Few entries belong to it, and an index finds them: they are looked for, not come upon. */
  readonly few: boolean
}

const always = () => sql<boolean>`true`

/** The stretches of an order, in their order. */
export function segmentsOf(order: readonly PlanKey[]): readonly Segment[] {
  const [first, ...rest] = order
  if (first === undefined) return [{ where: always, keys: [], shared: [], few: false }]
  if (first.by === 'pinned') {
    const pinned = sql<boolean>`keys @> ${sql.lit(`{${entryMarks.pinned}}`)}::integer[]`
    return [
      ...segmentsOf(rest).map((one) => within(one, () => pinned, 1, true)),
      ...segmentsOf(rest).map((one) => within(one, () => sql<boolean>`not pinned`, 0, false)),
    ]
  }
  if (isNeverMissing(first)) return [{ where: always, keys: order, shared: [], few: false }]
  return [
    {
      where: (collection) => isThere(first, collection),
      keys: order,
      shared: [],
      few: first.by === 'reads' || first.by === 'list',
    },
    ...segmentsOf(rest).map((one) => within(one, (collection) => isMissing(first, collection), null, false)),
  ]
}

function within(
  segment: Segment,
  where: (collection: number) => Condition,
  shared: number | null,
  few: boolean,
): Segment {
  return {
    ...segment,
    where: (collection) => sql<boolean>`(${where(collection)} and ${segment.where(collection)})`,
    shared: [shared, ...segment.shared],
    few: few || segment.few,
  }
}

function isThere(key: PlanKey, collection: number): Condition {
  if (key.by === 'reads') return sql<boolean>`recent.reads is not null`
  if (key.by === 'list') return sql<boolean>`i.entry_id = any(${sql.val([...key.ids])}::integer[])`
  return sql<boolean>`${keyExpression(key, collection)} is not null`
}

function isMissing(key: PlanKey, collection: number): Condition {
  if (key.by === 'reads')
    return sql<boolean>`not exists (select from entry_reads r where r.entry_id = i.entry_id and r.day between ${dayOf(key.since)}::date and ${dayOf(key.until)}::date)`
  if (key.by === 'list') return sql<boolean>`not i.entry_id = any(${sql.val([...key.ids])}::integer[])`
  return sql<boolean>`${keyExpression(key, collection)} is null`
}

/** Where a position lies in a segment: before it, in it, or behind it. */
export function placeOf(
  segment: Segment,
  order: readonly PlanKey[],
  position: Position,
): 'before' | 'within' | 'behind' {
  for (const [at, shared] of segment.shared.entries()) {
    const value = position.values[at] ?? null
    if (value === shared) continue
    if (value === null) return 'behind'
    if (shared === null) return 'before'
    const rises = Number(value) > shared
    return (order[at]?.direction === 'down') === rises ? 'before' : 'behind'
  }
  // Its own first key has a value; a position without one lies behind.
  const first = segment.keys[0]
  const value = position.values[segment.shared.length] ?? null
  return first !== undefined && !isNeverMissing(first) && value === null ? 'behind' : 'within'
}
