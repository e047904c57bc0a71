import { weekdays } from './rule'
import type { RecurrenceRule, RuleDay, Weekday } from './rule'

export const dayMs = 86_400_000

/** A day as a rule sees it. */
interface CalendarDay {
  /** 1 to 12. */
  readonly month: number
  readonly monthDay: number
  readonly monthLength: number
  /** 1 to 366. */
  readonly yearDay: number
  readonly yearLength: number
  /** 0 (Monday) to 6. */
  readonly weekday: number
}

/** Midnight UTC of a day; months and days may lie outside of theirs and count on. */
export function midnight(year: number, month: number, day: number): number {
  const date = new Date(0)
  date.setUTCFullYear(year, month - 1, day)
  return date.getTime()
}

/** 0 (Monday) to 6 of a midnight UTC. */
export function weekdayOf(day: number): number {
  // 1 January 1970 was a Thursday.
  return (((Math.floor(day / dayMs) + 3) % 7) + 7) % 7
}

export function placeOfWeekday(day: Weekday): number {
  return weekdays.indexOf(day)
}

function calendarDay(day: number): CalendarDay {
  const date = new Date(day)
  const [year, month] = [date.getUTCFullYear(), date.getUTCMonth() + 1]
  const newYear = midnight(year, 1, 1)
  return {
    month,
    monthDay: date.getUTCDate(),
    monthLength: (midnight(year, month + 1, 1) - midnight(year, month, 1)) / dayMs,
    yearDay: (day - newYear) / dayMs + 1,
    yearLength: (midnight(year + 1, 1, 1) - newYear) / dayMs,
    weekday: weekdayOf(day),
  }
}

/**
 * Whether a day (midnight UTC) has what a rule asks of days: RFC 5545 (3.3.10), the table of BYxxx
 * parts. Parts narrow each other.
 */
export function dayPasses(rule: RecurrenceRule, day: number): boolean {
  const of = calendarDay(day)
  return (
    asked(rule.months, (month) => month === of.month) &&
    asked(rule.monthDays, (one) => one === of.monthDay || one === of.monthDay - of.monthLength - 1) &&
    asked(rule.yearDays, (one) => one === of.yearDay || one === of.yearDay - of.yearLength - 1) &&
    asked(rule.days, (one) => isRuleDay(one, of, withinMonth(rule))) &&
    weekPasses(rule, day)
  )
}

function asked<T>(wanted: readonly T[], test: (one: T) => boolean): boolean {
  return wanted.length === 0 || wanted.some(test)
}

/** “The first Monday” is the month's, but the year's in yearly rules that name no months. */
function withinMonth({ frequency, months }: RecurrenceRule): boolean {
  return frequency !== 'YEARLY' || months.length > 0
}

function isRuleDay({ day, nth }: RuleDay, of: CalendarDay, inMonth: boolean): boolean {
  if (placeOfWeekday(day) !== of.weekday) return false
  if (nth === null) return true
  const [place, length] = inMonth ? [of.monthDay, of.monthLength] : [of.yearDay, of.yearLength]
  return nth > 0 ? Math.ceil(place / 7) === nth : Math.ceil((length - place + 1) / 7) === -nth
}

function weekPasses({ weekNumbers, weekStart }: RecurrenceRule, day: number): boolean {
  if (weekNumbers.length === 0) return true
  const { week, weeks } = weekOf(day, placeOfWeekday(weekStart))
  return weekNumbers.some((one) => one === week || one === week - weeks - 1)
}

/**
 * The week of a day, 1 to 53, the year that it belongs to, and how many weeks that year has: the
 * first week is the one that has four days of the year (ISO 8601, 3.1.1.23, and RFC 5545, 3.3.10
 * for weeks that begin on other days). `weekStart` is 0 (Monday) to 6.
 */
export function weekOf(
  day: number,
  weekStart: number,
): { readonly year: number; readonly week: number; readonly weeks: number } {
  const from = day - ((weekdayOf(day) - weekStart + 7) % 7) * dayMs
  // The fourth day of a week lies in the year that the week belongs to.
  const year = new Date(from + 3 * dayMs).getUTCFullYear()
  const first = firstWeek(year, weekStart)
  return {
    year,
    week: (from - first) / (7 * dayMs) + 1,
    weeks: (firstWeek(year + 1, weekStart) - first) / (7 * dayMs),
  }
}

/** The day on which the first week of a year begins. */
function firstWeek(year: number, weekStart: number): number {
  const fourth = midnight(year, 1, 4)
  return fourth - ((weekdayOf(fourth) - weekStart + 7) % 7) * dayMs
}
