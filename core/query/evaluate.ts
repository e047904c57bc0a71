import type { IndexedEntry } from '../content/entry'
import type { Occurrence } from '../time/occurrences'
import type { Plan } from './plan'
import { positionComparer, positionReader } from './position'
import type { Position } from './position'
import { passes } from '../rules/predicate'
import { rowsOf, shownOf } from './rows'
import type { Row, RowKey } from '../content/row'

/** What an engine answers. */
export interface Answer {
  /** The rows shown, in order. */
  readonly rows: readonly RowKey[]
  /** How many are left after each of the plan's steps: entries, or where every date is shown, dates. */
  readonly counts: readonly number[]
}

/** What an answer depends on besides the plan and the entries. */
interface Evaluated {
  /** What follows that position is shown, and nothing skipped. */
  readonly after?: Position | null
  /** When entries happen, by their ids. */
  readonly dates?: ReadonlyMap<number, readonly Occurrence[]>
}

/** Runs a plan over entries in memory. `locale` decides how texts are ordered. */
export function evaluate(
  plan: Plan,
  entries: readonly IndexedEntry[],
  locale: string,
  { after = null, dates = new Map() }: Evaluated = {},
): Answer {
  const asked = entries.filter((entry) => plan.collections.includes(entry.collectionId))
  let left = rowsOf(plan.rows, asked, (id) => dates.get(id) ?? [])
  const counts: number[] = []
  for (const { asks } of plan.steps) {
    left = left.filter((row) => passes(asks, row))
    counts.push(counted(plan, left))
  }
  const read = positionReader(plan.order)
  const compare = positionComparer(plan.order, locale)
  const ordered = shownOf(plan.rows, left).map(read).toSorted(compare)
  const start = after === null ? plan.skip : ordered.findIndex((position) => compare(position, after) > 0)
  return {
    rows: start === -1 ? [] : ordered.slice(start, start + plan.take).map(({ id, at }) => ({ id, at })),
    counts,
  }
}

function counted({ rows }: Plan, left: readonly Row[]): number {
  return rows.of === 'next' ? new Set(left.map((row) => row.entry.id)).size : left.length
}
