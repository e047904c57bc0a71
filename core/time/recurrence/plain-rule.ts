import { mostCount, mostInterval, parseRule, weekdays } from './rule'
import type { RecurrenceRule, Weekday } from './rule'

export const plainUnits = ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'] as const
export type PlainUnit = (typeof plainUnits)[number]

/** Which one of its weekday in the month: the first to the fourth, the last. */
export const plainPlaces = [1, 2, 3, 4, -1] as const
export type PlainPlace = (typeof plainPlaces)[number]

/** When something stops to come again; the last day is included, `2027-05-31`. */
export type PlainEnd =
  | { readonly by: 'never' }
  | { readonly by: 'day'; readonly day: string }
  | { readonly by: 'count'; readonly count: number }

/** How something comes again, as people say it: every second week on Wednesday, until the end of May. */
export interface PlainRule {
  /** 1 to 1,000. */
  readonly every: number
  readonly unit: PlainUnit
  /** Of weeks: on which days; none for the day on which it begins. */
  readonly days: readonly Weekday[]
  /** Of months: on which weekday; null for the day of the month on which it begins. */
  readonly weekday: { readonly place: PlainPlace; readonly day: Weekday } | null
  readonly ends: PlainEnd
}

export const everyWeek: PlainRule = {
  every: 1,
  unit: 'WEEKLY',
  days: [],
  weekday: null,
  ends: { by: 'never' },
}

/** A rule as people say it; null where it says more than that, and for what is no rule. */
export function plainRuleOf(text: string): PlainRule | null {
  const parsed = parseRule(text)
  if (!parsed.ok) return null
  const rule = parsed.value
  const unit = plainUnits.find((one) => one === rule.frequency)
  const ends = endOf(rule)
  if (unit === undefined || ends === null || saysMore(rule)) return null
  const plain: PlainRule = { every: rule.interval, unit, days: [], weekday: null, ends }
  if (rule.days.length === 0) return plain
  if (unit === 'WEEKLY' && rule.days.every(({ nth }) => nth === null))
    return { ...plain, days: weekdays.filter((day) => rule.days.some((one) => one.day === day)) }
  const [first, second] = rule.days
  const place = plainPlaces.find((one) => one === first?.nth)
  return unit === 'MONTHLY' && second === undefined && first !== undefined && place !== undefined
    ? { ...plain, weekday: { place, day: first.day } }
    : null
}

/** What such a rule can't hold. Where weeks begin tells only of several days in every nth week. */
function saysMore(rule: RecurrenceRule): boolean {
  const { months, weekNumbers, yearDays, monthDays, hours, minutes, seconds, places } = rule
  const lists = [months, weekNumbers, yearDays, monthDays, hours, minutes, seconds, places]
  const weeksMatter = rule.frequency === 'WEEKLY' && rule.interval > 1 && rule.days.length > 1
  return lists.some((list) => list.length > 0) || (weeksMatter && rule.weekStart !== 'MO')
}

/** Null for an end at a time of the day. */
function endOf({ until, count }: RecurrenceRule): PlainEnd | null {
  if (count !== null) return { by: 'count', count }
  if (until === null) return { by: 'never' }
  return until.isDay ? { by: 'day', day: new Date(until.at).toISOString().slice(0, 10) } : null
}

/**
 * The rule as its text (RFC 5545, 3.3.10). What is out of range is put within it: an interval to 1,000,
 * a count to 10,000.
 */
export function plainRuleText({ every, unit, days, weekday, ends }: PlainRule): string {
  const interval = within(every, mostInterval)
  const onDays = unit === 'WEEKLY' ? weekdays.filter((day) => days.includes(day)) : []
  const onWeekday = unit === 'MONTHLY' && weekday !== null ? [`${weekday.place}${weekday.day}`] : []
  const by = [...onDays, ...onWeekday]
  return [
    `FREQ=${unit}`,
    ...(interval === 1 ? [] : [`INTERVAL=${interval}`]),
    ...(by.length === 0 ? [] : [`BYDAY=${by.join(',')}`]),
    ...(ends.by === 'count' ? [`COUNT=${within(ends.count, mostCount)}`] : []),
    ...(ends.by === 'day' ? [`UNTIL=${ends.day.replaceAll('-', '')}`] : []),
  ].join(';')
}

function within(count: number, most: number): number {
  return Number.isFinite(count) ? Math.min(most, Math.max(1, Math.round(count))) : 1
}
