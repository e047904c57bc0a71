import type { IndexedEntry } from '../content/entry'
import type { OrderKey } from '../listing/order'
import { titleComparer } from '../text/collation'
import type { Plan } from './plan'
import { passes } from './predicate'

/** What an engine answers. */
export interface Answer {
  /** Ids of the entries shown, in order. */
  readonly ids: readonly number[]
  /** How many entries are left after each of the plan's steps. */
  readonly counts: readonly number[]
}

/** Runs a plan over entries in memory. `locale` decides how titles are ordered. */
export function evaluate(plan: Plan, entries: readonly IndexedEntry[], locale: string): Answer {
  let left = entries.filter((entry) => entry.collectionId === plan.collectionId)
  const counts: number[] = []
  for (const step of plan.steps) {
    left = left.filter((entry) => passes(step, entry))
    counts.push(left.length)
  }
  const ordered = left.toSorted(entryComparer(plan, locale))
  return {
    ids: ordered.slice(plan.skip, plan.skip + plan.take).map((entry) => entry.id),
    counts,
  }
}

type Comparer = (a: IndexedEntry, b: IndexedEntry) => number

function entryComparer(plan: Plan, locale: string): Comparer {
  const titles = titleComparer(locale)
  const ascending: Record<OrderKey['by'], Comparer> = {
    date: (a, b) => a.publishedAt - b.publishedAt,
    title: (a, b) => titles(a.title, b.title),
    views: (a, b) => a.views - b.views,
  }
  const comparers: Comparer[] = plan.order.map(({ by, direction }) =>
    direction === 'up' ? ascending[by] : (a, b) => ascending[by](b, a),
  )
  if (plan.pinnedFirst) comparers.unshift((a, b) => Number(b.pinned) - Number(a.pinned))
  comparers.push((a, b) => b.id - a.id)
  return (a, b) => {
    for (const compare of comparers) {
      const order = compare(a, b)
      if (order !== 0) return order
    }
    return 0
  }
}
