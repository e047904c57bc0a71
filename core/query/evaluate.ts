import type { IndexedEntry } from '../content/entry'
import type { Plan } from './plan'
import { positionComparer, positionReader } from './position'
import type { Position } from './position'
import { passes } from '../rules/predicate'

/** What an engine answers. */
export interface Answer {
  /** Ids of the entries shown, in order. */
  readonly ids: readonly number[]
  /** How many entries are left after each of the plan's steps. */
  readonly counts: readonly number[]
}

/**
 * Runs a plan over entries in memory. `locale` decides how texts are ordered. With `after`, shows
 * what follows that position, and skips nothing.
 */
export function evaluate(
  plan: Plan,
  entries: readonly IndexedEntry[],
  locale: string,
  after: Position | null = null,
): Answer {
  let left = entries.filter((entry) => plan.collections.includes(entry.collectionId))
  const counts: number[] = []
  for (const { asks } of plan.steps) {
    left = left.filter((entry) => passes(asks, entry))
    counts.push(left.length)
  }
  const read = positionReader(plan.order)
  const compare = positionComparer(plan.order, locale)
  const ordered = left.map(read).toSorted(compare)
  const start = after === null ? plan.skip : ordered.findIndex((position) => compare(position, after) > 0)
  return {
    ids: start === -1 ? [] : ordered.slice(start, start + plan.take).map((position) => position.id),
    counts,
  }
}
