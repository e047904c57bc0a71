import * as rruleModule from 'rrule'
import { object } from 'yup'
import { refusal } from './define'
import type { FieldType } from './define'
import { dateFormat, listFormat, monthName, numberFormat } from '../../formats/formatters'

// Node loads the package as CommonJS, under `default`; bundlers load its ES module, which has none.
const { RRule } = (Reflect.get(rruleModule, 'default') ?? rruleModule) as typeof rruleModule

const longest = 300
const parts = /^(?:[A-Z]+=[A-Z0-9,+:-]+)(?:;[A-Z]+=[A-Z0-9,+:-]+)*$/
const known = new Set([
  'FREQ',
  'INTERVAL',
  'COUNT',
  'UNTIL',
  'BYDAY',
  'BYMONTHDAY',
  'BYMONTH',
  'BYSETPOS',
  'BYWEEKNO',
  'BYYEARDAY',
  'WKST',
])

/** How an event repeats, as a rule of RFC 5545 (3.3.10) without its start: the event's own is meant. */
export const recurrence: FieldType<'recurrence', object, string> = {
  name: 'recurrence',
  title: 'Repeats',
  about: 'How an event comes again: every week, the first Saturday of a month.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse(input) {
    if (typeof input !== 'string' || input.length > longest || !parts.test(input))
      return refusal('This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.')
    const names = input.split(';').map((part) => part.slice(0, part.indexOf('=')))
    const stray = names.find((name) => !known.has(name))
    if (stray !== undefined) return refusal(`“${stray}” cannot stand in a rule here.`)
    if (new Set(names).size !== names.length) return refusal('A part of the rule is given twice.')
    if (!/(?:^|;)FREQ=(?:DAILY|WEEKLY|MONTHLY|YEARLY)(?:;|$)/.test(input))
      return refusal('Events repeat daily, weekly, monthly or yearly.')
    if (names.includes('COUNT') && names.includes('UNTIL'))
      return refusal('A rule ends after a count or on a day, not both.')
    return ruleOf(input) === null
      ? refusal('This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.')
      : { ok: true, value: input }
  },
  read: (text, settings) =>
    recurrence.parse(
      text
        .trim()
        .toUpperCase()
        .replace(/^RRULE:/, ''),
      settings,
    ),
  write: (value) => value,
  format: (value, _, { locale }) => ruleWords(value, locale),
  filter: 'presence',
  sort: null,
  sortKey: null,
}

const frequencies = {
  [RRule.YEARLY]: 'year',
  [RRule.MONTHLY]: 'month',
  [RRule.WEEKLY]: 'week',
  [RRule.DAILY]: 'day',
} as const

/**
 * A rule in words: as the package says it where the language is English; elsewhere by what every
 * language has words for through Intl: “↻ 2 Wochen: Samstag”.
 */
function ruleWords(value: string, locale: string): string {
  const rule = ruleOf(value)
  if (rule === null) return value
  if (new Intl.Locale(locale).language === 'en') return rule.toText()
  const { freq, interval = 1, byweekday, bymonth, bymonthday, count, until } = rule.origOptions
  const unit = frequencies[freq as keyof typeof frequencies]
  const every = numberFormat(locale, { style: 'unit', unit, unitDisplay: 'long' }).format(interval)
  const on = [
    ...numbersOf(bymonth).map((month) => monthName(month, locale)),
    ...weekdaysOf(byweekday, locale),
    ...numbersOf(bymonthday).map((day) => numberFormat(locale).format(day)),
  ]
  const end = count
    ? ` × ${numberFormat(locale).format(count)}`
    : until
      ? ` – ${dateFormat(locale, { dateStyle: 'medium', timeZone: 'UTC' }).format(until)}`
      : ''
  return `↻ ${every}${on.length === 0 ? '' : `: ${listFormat(locale, { type: 'unit' }).format(on)}`}${end}`
}

function numbersOf(given: number | readonly number[] | null | undefined): readonly number[] {
  return given == null ? [] : typeof given === 'number' ? [given] : given
}

/** “Samstag”, and “Samstag (1)” for the first of a month. */
function weekdaysOf(given: unknown, locale: string): readonly string[] {
  const all: readonly unknown[] = given == null ? [] : Array.isArray(given) ? given : [given]
  return all.flatMap((one) => {
    const day: unknown = typeof one === 'object' && one !== null ? Reflect.get(one, 'weekday') : one
    const nth: unknown = typeof one === 'object' && one !== null ? Reflect.get(one, 'n') : undefined
    if (typeof day !== 'number') return []
    // 5 January 2026 is a Monday, which the package counts as 0.
    const name = dateFormat(locale, { weekday: 'long', timeZone: 'UTC' }).format(Date.UTC(2026, 0, 5 + day))
    return [typeof nth === 'number' && nth !== 0 ? `${name} (${numberFormat(locale).format(nth)})` : name]
  })
}

/**
 * The first day (`2026-03-01`) from `from` on that a rule falls on, which then is the start that
 * the rule needs; `from` itself where it falls on none.
 */
export function firstDayOf(rule: string, from: string): string {
  const start = new Date(`${from}T00:00:00Z`)
  return (
    new RRule({ ...RRule.parseString(rule), dtstart: start })
      .after(start, true)
      ?.toISOString()
      .slice(0, 10) ?? from
  )
}

function ruleOf(text: string) {
  try {
    const options = RRule.parseString(text)
    const whole = [options.interval, options.count].every(
      (number) => number === undefined || number === null || (Number.isInteger(number) && number > 0),
    )
    return whole ? new RRule(options) : null
  } catch {
    return null
  }
}
