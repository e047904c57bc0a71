import { overlapping } from '../rules/when'
import type { Predicate } from '../rules/predicate'
import type { Plan } from './plan'

/** A stretch of time that a listing is turned to; epoch milliseconds, `before` is not part of it. */
export interface Stretch {
  readonly from: number
  readonly before: number
  /** What has this term, or one under it; null for all. */
  readonly term: number | null
  /** So near its edges, in milliseconds, lies what may not be seen: it has a clock of its own. */
  readonly margin: number
}

/** Where entries stand in time: when they happen, or, where none says that, when they were published. */
export type StandBy = 'dates' | 'publishing'

/** What happens in one stretch is all shown at once, up to so many dates. */
export const mostInStretch = 1000

/** No tally tells it: it is turned by visitors. */
const turned = { kind: 'rules' } as const

/**
 * What of a plan stands in a stretch of time, in the order in which it begins. `longest` is how long any
 * of it takes at most, in milliseconds: engines look at nothing that began earlier.
 */
export function planWithin(
  plan: Plan,
  { from, before, term }: Stretch,
  by: StandBy,
  longest = Infinity,
): Plan {
  const since = longest === Infinity ? [] : [between('startsAt', from - longest, before)]
  const asks: Predicate =
    by === 'dates'
      ? { test: 'all', of: [...since, overlapping(from, before)] }
      : between('publishedAt', from, before)
  return planInTime(plan, asks, term, by, mostInStretch)
}

/** The first of a plan that begins at an instant or later. */
export function planFrom(plan: Plan, at: number, term: number | null, by: StandBy): Plan {
  return planInTime(plan, between(by === 'dates' ? 'startsAt' : 'publishedAt', at, null), term, by, 1)
}

function between(value: 'startsAt' | 'publishedAt', from: number, before: number | null): Predicate {
  return { test: 'between', value, from, to: null, before }
}

function planInTime(plan: Plan, asks: Predicate, term: number | null, by: StandBy, take: number): Plan {
  const narrowed: readonly Predicate[] = term === null ? [] : [{ test: 'anyKey', keys: [term] }]
  return {
    ...plan,
    rows: { of: by === 'dates' ? 'dates' : 'entries' },
    steps: [...plan.steps, ...[asks, ...narrowed].map((one) => ({ step: turned, asks: one }))],
    order: [{ by: by === 'dates' ? 'startsAt' : 'publishedAt', direction: 'up' }],
    skip: 0,
    take,
  }
}

/** Whether a plan shows only what begins between two instants, so that an index finds all of it at once. */
export function isBoundInTime({ steps }: Pick<Plan, 'steps'>): boolean {
  return steps.some(({ asks }) => bindsTime(asks))
}

function bindsTime(asks: Predicate): boolean {
  if (asks.test === 'all') return asks.of.some(bindsTime)
  return asks.test === 'between' && asks.value === 'startsAt' && asks.from !== null && asks.before !== null
}
