import { faulty } from '../../parsing'
import type { Parsed } from '../../parsing'

export const frequencies = ['YEARLY', 'MONTHLY', 'WEEKLY', 'DAILY', 'HOURLY', 'MINUTELY', 'SECONDLY'] as const
export type Frequency = (typeof frequencies)[number]

/** As iCalendar names them; their places are those of ISO 8601, less one. */
export const weekdays = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'] as const
export type Weekday = (typeof weekdays)[number]

/** A weekday, and which of them in its month or year: the first, the last but one (-2); null for each. */
export interface RuleDay {
  readonly day: Weekday
  readonly nth: number | null
}

/** When a rule ends, by the clock where the event is, or by UTC. */
export interface RuleUntil {
  readonly clock: 'wall' | 'utc'
  /** Included. What that clock shows, as if it were UTC, in epoch milliseconds. */
  readonly at: number
  /** Whether only a day was given, which is included to its end. */
  readonly isDay: boolean
}

/** How something comes again, as RRULE of RFC 5545 (3.3.10). Empty lists ask for nothing. */
export interface RecurrenceRule {
  readonly frequency: Frequency
  readonly interval: number
  readonly count: number | null
  readonly until: RuleUntil | null
  readonly months: readonly number[]
  readonly weekNumbers: readonly number[]
  readonly yearDays: readonly number[]
  readonly monthDays: readonly number[]
  readonly days: readonly RuleDay[]
  readonly hours: readonly number[]
  readonly minutes: readonly number[]
  readonly seconds: readonly number[]
  readonly places: readonly number[]
  readonly weekStart: Weekday
}

export const longestRule = 300
const form = /^[A-Z]+=[A-Z0-9,+-]+(?:;[A-Z]+=[A-Z0-9,+-]+)*$/
const unknownFrequency = 'Events repeat daily, weekly, monthly or yearly.'
const example = 'This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.'

/** The parts that hold numbers: between which, and whether counting from the end is possible. */
const numberParts = {
  BYMONTH: { of: 'months', from: 1, to: 12, fromEnd: false },
  BYWEEKNO: { of: 'weekNumbers', from: 1, to: 53, fromEnd: true },
  BYYEARDAY: { of: 'yearDays', from: 1, to: 366, fromEnd: true },
  BYMONTHDAY: { of: 'monthDays', from: 1, to: 31, fromEnd: true },
  BYHOUR: { of: 'hours', from: 0, to: 23, fromEnd: false },
  BYMINUTE: { of: 'minutes', from: 0, to: 59, fromEnd: false },
  BYSECOND: { of: 'seconds', from: 0, to: 59, fromEnd: false },
  BYSETPOS: { of: 'places', from: 1, to: 366, fromEnd: true },
} as const
type NumberPart = keyof typeof numberParts

const otherParts = ['FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'BYDAY', 'WKST']
export const mostInterval = 1000
export const mostCount = 10_000

const nothingAsked = {
  interval: 1,
  count: null,
  until: null,
  months: [],
  weekNumbers: [],
  yearDays: [],
  monthDays: [],
  days: [],
  hours: [],
  minutes: [],
  seconds: [],
  places: [],
  weekStart: 'MO',
} as const

/**
 * Reads the text of a rule, as it follows `RRULE:`. Refuses what RFC 5545 (3.3.10) forbids, and
 * intervals and counts that are past `mostInterval` and `mostCount`. The leap second, 60, is read as
 * none of ours: it is refused.
 */
export function parseRule(text: string): Parsed<RecurrenceRule> {
  if (text.length > longestRule || !form.test(text)) return faulty('', example)
  const given = new Map<string, string>()
  for (const part of text.split(';')) {
    const at = part.indexOf('=')
    const name = part.slice(0, at)
    if (given.has(name)) return faulty('', 'A part of the rule is given twice.')
    given.set(name, part.slice(at + 1))
  }
  const stray = [...given.keys()].find((name) => !(name in numberParts) && !otherParts.includes(name))
  if (stray !== undefined) return faulty('', `“${stray}” cannot stand in a rule here.`)
  try {
    const rule = ruleOf(given)
    const fault = combinationFault(rule)
    return fault === null ? { ok: true, value: rule } : faulty('', fault)
  } catch (error) {
    if (error instanceof RuleFault) return faulty('', error.message)
    throw error
  }
}

/** Ends reading a part; never leaves this file. */
class RuleFault extends Error {}

function ruleOf(given: ReadonlyMap<string, string>): RecurrenceRule {
  const numbers = Object.entries(numberParts).flatMap(([name, { of }]) => {
    const text = given.get(name)
    return text === undefined ? [] : [[of, numbersOf(name as NumberPart, text)] as const]
  })
  const [days, until, weekStart] = [given.get('BYDAY'), given.get('UNTIL'), given.get('WKST')]
  return {
    ...nothingAsked,
    frequency: oneOf(frequencies, given.get('FREQ') ?? '', unknownFrequency),
    ...(given.has('INTERVAL') && { interval: countOf(given.get('INTERVAL') ?? '', mostInterval) }),
    ...(given.has('COUNT') && { count: countOf(given.get('COUNT') ?? '', mostCount) }),
    ...(until !== undefined && { until: untilOf(until) }),
    ...(days !== undefined && { days: days.split(',').map(ruleDayOf) }),
    ...(weekStart !== undefined && { weekStart: oneOf(weekdays, weekStart) }),
    ...Object.fromEntries(numbers),
  }
}

function oneOf<T extends string>(all: readonly T[], text: string, message = example): T {
  const found = all.find((one) => one === text)
  if (found === undefined) throw new RuleFault(message)
  return found
}

function countOf(text: string, most: number): number {
  const number = /^\d{1,9}$/.test(text) ? Number(text) : 0
  if (number < 1) throw new RuleFault(example)
  if (number > most) throw new RuleFault(`Use at most ${most} there.`)
  return number
}

function numbersOf(name: NumberPart, text: string): readonly number[] {
  const { from, to, fromEnd } = numberParts[name]
  return text.split(',').map((one) => {
    const number = /^[+-]?\d{1,3}$/.test(one) ? Number(one) : NaN
    const size = fromEnd ? Math.abs(number) : number
    if (!(size >= from && size <= to)) throw new RuleFault(`${name} takes ${from} to ${to}.`)
    return number
  })
}

function ruleDayOf(text: string): RuleDay {
  const [, nth, day] = /^([+-]?\d{1,2})?([A-Z]{2})$/.exec(text) ?? []
  const number = nth === undefined ? null : Number(nth)
  if (day === undefined || number === 0 || Math.abs(number ?? 1) > 53) throw new RuleFault(example)
  return { day: oneOf(weekdays, day), nth: number }
}

/** DATE, DATE-TIME and DATE-TIME with UTC of RFC 5545 (3.3.4, 3.3.5); null for no such moment. */
export function readMoment(text: string): RuleUntil | null {
  const match = /^(\d{4})(\d{2})(\d{2})(?:T(\d{2})(\d{2})(\d{2})(Z)?)?$/.exec(text)
  if (match === null) return null
  const [year = 0, month = 0, day = 0, hour = 0, minute = 0, second = 0] = match
    .slice(1, 7)
    .map((part) => Number(part ?? 0))
  const date = new Date(0)
  date.setUTCFullYear(year, month - 1, day)
  const isTrue =
    year > 0 && date.getUTCMonth() === month - 1 && date.getUTCDate() === day && hour < 24 && minute < 60
  if (!isTrue || second > 60) return null
  return {
    clock: match[7] === undefined ? 'wall' : 'utc',
    at: date.getTime() + ((hour * 60 + minute) * 60 + Math.min(second, 59)) * 1000,
    isDay: match[4] === undefined,
  }
}

function untilOf(text: string): RuleUntil {
  const until = readMoment(text)
  if (until === null) throw new RuleFault('A rule ends on a day, such as UNTIL=20271224.')
  return until
}

/** What RFC 5545 (3.3.10) says must not stand together. */
function combinationFault(rule: RecurrenceRule): string | null {
  const { frequency, days, weekNumbers, yearDays, monthDays, places } = rule
  if (rule.count !== null && rule.until !== null) return 'A rule ends after a count or on a day, not both.'
  if (weekNumbers.length > 0 && frequency !== 'YEARLY') return 'Week numbers go with yearly rules only.'
  if (yearDays.length > 0 && ['DAILY', 'WEEKLY', 'MONTHLY'].includes(frequency))
    return 'Days of the year go with yearly rules only.'
  if (monthDays.length > 0 && frequency === 'WEEKLY') return 'Days of the month do not go with weekly rules.'
  const counted = days.some((one) => one.nth !== null)
  if (counted && frequency !== 'MONTHLY' && (frequency !== 'YEARLY' || weekNumbers.length > 0))
    return '“The first Monday” goes with monthly and yearly rules only.'
  const others = [days, weekNumbers, yearDays, monthDays, rule.months, rule.hours, rule.minutes, rule.seconds]
  return places.length > 0 && others.every((one) => one.length === 0)
    ? 'BYSETPOS chooses of what another part gives: add one.'
    : null
}
