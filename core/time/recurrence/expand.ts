import { weekdayOf } from './days'
import { momentsIn, nextChance, periodsOf } from './periods'
import { weekdays } from './rule'
import type { RecurrenceRule } from './rule'

/** What of a rule is wanted. Moments are what the clock shows where the event is, as if it were UTC. */
export interface Wanted {
  /** Included. */
  readonly from: number
  /** Not included. */
  readonly before: number
  /** So many at most. */
  readonly most: number
}

/**
 * So many of a rule's periods (its years, its days, its minutes) are looked at before it is given up:
 * more than the days of a century.
 */
export const mostPeriods = 40_000

/** Moments of a rule, in order. */
export interface Expanded {
  readonly moments: readonly number[]
  /** Whether looking for more ended at `mostPeriods`. */
  readonly gaveUp: boolean
}

/**
 * The moments of a rule that begins at `start`, by RFC 5545 (3.3.10 and 3.8.5.3): only what the rule
 * itself gives, from the start on. The rule's `until` is taken as what the same clock shows. However
 * rarely a rule comes, at most `mostPeriods` of its periods are looked at.
 */
export function expandRule(given: RecurrenceRule, start: number, { from, before, most }: Wanted): Expanded {
  const rule = completed(given, start)
  const periods = periodsOf(rule, start)
  const end = Math.min(before, rule.until === null ? Infinity : endOf(rule.until))
  const moments: number[] = []
  let counted = 0
  // What nobody counts need not be gone through before it is wanted.
  let number =
    rule.count === null && from > start ? inStep(Math.floor, periods.numberOf(from), rule.interval) : 0
  for (let looked = 0; looked < mostPeriods; looked += 1) {
    const begins = periods.at(number)
    if (begins >= end) return { moments, gaveUp: false }
    for (const moment of chosen(rule, momentsIn(rule, begins, periods.at(number + 1)))) {
      if (moment < start) continue
      if (moment >= end) return { moments, gaveUp: false }
      counted += 1
      if (moment >= from) moments.push(moment)
      if (moments.length >= most || counted === rule.count) return { moments, gaveUp: false }
    }
    const next = periods.numberOf(nextChance(rule, begins))
    number = Math.max(number + rule.interval, inStep(Math.ceil, next, rule.interval))
  }
  return { moments, gaveUp: true }
}

function endOf({ at, isDay }: { readonly at: number; readonly isDay: boolean }): number {
  return at + (isDay ? 86_400_000 : 1)
}

function inStep(round: (number: number) => number, number: number, interval: number): number {
  return round(number / interval) * interval
}

/** The rule with what it leaves to its start (RFC 5545, 3.3.10): the time, and the day it goes by. */
function completed(rule: RecurrenceRule, start: number): RecurrenceRule {
  const date = new Date(start)
  const { frequency } = rule
  const isFine = frequency === 'HOURLY' || frequency === 'MINUTELY' || frequency === 'SECONDLY'
  const orOf = (asked: readonly number[], own: number, free: boolean) =>
    asked.length > 0 || free ? asked : [own]
  return {
    ...rule,
    ...(isFine ? {} : daysOfStart(rule, date)),
    hours: orOf(rule.hours, date.getUTCHours(), isFine),
    minutes: orOf(rule.minutes, date.getUTCMinutes(), isFine && frequency !== 'HOURLY'),
    seconds: orOf(rule.seconds, date.getUTCSeconds(), frequency === 'SECONDLY'),
  }
}

function daysOfStart(rule: RecurrenceRule, start: Date): Partial<RecurrenceRule> {
  const { frequency, weekNumbers, yearDays, monthDays, days, months } = rule
  if (yearDays.length > 0 || monthDays.length > 0 || days.length > 0 || frequency === 'DAILY') return {}
  if (frequency === 'WEEKLY' || weekNumbers.length > 0)
    return { days: [{ day: weekdays[weekdayOf(start.getTime())] ?? 'MO', nth: null }] }
  return {
    monthDays: [start.getUTCDate()],
    ...(frequency === 'YEARLY' && months.length === 0 && { months: [start.getUTCMonth() + 1] }),
  }
}

/** The moments that BYSETPOS chooses of a period's. */
function chosen({ places }: RecurrenceRule, moments: readonly number[]): readonly number[] {
  if (places.length === 0) return moments
  const at = new Set(places.map((place) => (place > 0 ? place - 1 : moments.length + place)))
  return moments.filter((_, place) => at.has(place))
}
