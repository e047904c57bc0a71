import { dateFormat, listFormat, monthName, numberFormat } from '../../formats/formatters'
import { weekdays } from './rule'
import type { RecurrenceRule, RuleDay } from './rule'

const units = {
  YEARLY: 'year',
  MONTHLY: 'month',
  WEEKLY: 'week',
  DAILY: 'day',
  HOURLY: 'hour',
  MINUTELY: 'minute',
  SECONDLY: 'second',
} as const

/** A rule in words: “every second week on Wednesday, until 31 May 2027”. `locale` is BCP 47. */
export function ruleInWords(rule: RecurrenceRule, locale: string): string {
  return new Intl.Locale(locale).language === 'en' ? inEnglish(rule, locale) : inSigns(rule, locale)
}

function inEnglish(rule: RecurrenceRule, locale: string): string {
  const on = onWhich(rule, locale)
  const end =
    rule.count !== null
      ? `, ${rule.count === 1 ? 'once' : `${rule.count} times`}`
      : rule.until !== null
        ? `, until ${dayName(rule.until.at, locale)}`
        : ''
  return `${step(rule)}${on === '' ? '' : ` on ${on}`}${end}`
}

function step({ frequency, interval }: RecurrenceRule): string {
  const unit = units[frequency]
  if (interval === 1) return `every ${unit}`
  return interval === 2 ? `every second ${unit}` : `every ${interval} ${unit}s`
}

function onWhich(rule: RecurrenceRule, locale: string): string {
  const list = listFormat(locale, { type: 'conjunction' })
  const months = rule.months.map((month) => monthName(month, locale))
  const days = isWorkingWeek(rule) ? ['working days'] : rule.days.map((one) => englishDay(one, locale))
  const ofMonth = rule.monthDays.map((day) => `the ${nth(day)}`)
  const ofYear = rule.yearDays.map((day) => `the ${nth(day)} day of the year`)
  const weeks = rule.weekNumbers.length === 0 ? '' : ` of week ${list.format(rule.weekNumbers.map(String))}`
  const which = [days, ofMonth, ofYear]
    .filter((some) => some.length > 0)
    .map((some) => list.format(some))
    .join(' that falls on ')
  const chosen =
    rule.places.length === 0 || which === ''
      ? which
      : `${list.format(rule.places.map((place) => `the ${nth(place)}`))} of ${which}`
  if (months.length === 0) return `${chosen}${weeks}`
  return chosen === '' ? `a day of ${list.format(months)}` : `${chosen}${weeks} in ${list.format(months)}`
}

function isWorkingWeek({ days }: RecurrenceRule): boolean {
  const named = days.filter((one) => one.nth === null).map((one) => one.day)
  return days.length === 5 && ['MO', 'TU', 'WE', 'TH', 'FR'].every((day) => named.some((one) => one === day))
}

function englishDay({ day, nth: number }: RuleDay, locale: string): string {
  const name = weekdayName(day, locale)
  return number === null ? name : `the ${nth(number)} ${name}`
}

const firstWords = ['first', 'second', 'third', 'fourth', 'fifth']

/** “third”, “last”, “second to last”, “21st”. */
function nth(number: number): string {
  if (number === -1) return 'last'
  if (number < 0) return `${nth(-number)} to last`
  return firstWords[number - 1] ?? `${number}${ending(number)}`
}

function ending(number: number): string {
  const rule = new Intl.PluralRules('en', { type: 'ordinal' }).select(number)
  return { one: 'st', two: 'nd', few: 'rd', other: 'th', zero: 'th', many: 'th' }[rule]
}

/** By what every language has words for through Intl: “↻ 2 Wochen: Samstag”. */
function inSigns(rule: RecurrenceRule, locale: string): string {
  const unit = units[rule.frequency]
  const every = numberFormat(locale, { style: 'unit', unit, unitDisplay: 'long' }).format(rule.interval)
  const number = (value: number) => numberFormat(locale).format(value)
  const on = [
    ...rule.months.map((month) => monthName(month, locale)),
    ...rule.days.map(({ day, nth: which }) =>
      which === null ? weekdayName(day, locale) : `${weekdayName(day, locale)} (${number(which)})`,
    ),
    ...rule.monthDays.map(number),
  ]
  const end =
    rule.count !== null
      ? ` × ${number(rule.count)}`
      : rule.until === null
        ? ''
        : ` – ${dayName(rule.until.at, locale)}`
  return `↻ ${every}${on.length === 0 ? '' : `: ${listFormat(locale, { type: 'unit' }).format(on)}`}${end}`
}

/** A weekday in a language, in full or in a few letters. */
export function weekdayName(day: RuleDay['day'], locale: string, weekday: 'long' | 'short' = 'long'): string {
  // 5 January 2026 is a Monday.
  const at = Date.UTC(2026, 0, 5 + weekdays.indexOf(day))
  return dateFormat(locale, { weekday, timeZone: 'UTC' }).format(at)
}

function dayName(at: number, locale: string): string {
  const form = { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' } as const
  return dateFormat(locale, form).format(at)
}
