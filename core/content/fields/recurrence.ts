import * as rruleModule from 'rrule'
import { object } from 'yup'
import { refusal } from './define'
import type { FieldType } from './define'

// Node loads the package as CommonJS, under `default`; bundlers load its ES module, which has none.
const { RRule } = (Reflect.get(rruleModule, 'default') ?? rruleModule) as typeof rruleModule

const longest = 300
const parts = /^(?:[A-Z]+=[A-Z0-9,+:-]+)(?:;[A-Z]+=[A-Z0-9,+:-]+)*$/
const known = new Set(['FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'BYDAY', 'BYMONTHDAY', 'BYMONTH', 'BYSETPOS', 'BYWEEKNO', 'BYYEARDAY', 'WKST'])

/** How an event repeats, as a rule of RFC 5545 (3.3.10) without its start: the event's own is meant. */
export const recurrence: FieldType<'recurrence', object, string> = {
  name: 'recurrence',
  title: 'Repeats',
  about: 'How an event comes again: every week, the first Saturday of a month.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse(input) {
    if (typeof input !== 'string' || input.length > longest || !parts.test(input)) return refusal('This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.')
    const names = input.split(';').map((part) => part.slice(0, part.indexOf('=')))
    const stray = names.find((name) => !known.has(name))
    if (stray !== undefined) return refusal(`“${stray}” cannot stand in a rule here.`)
    if (new Set(names).size !== names.length) return refusal('A part of the rule is given twice.')
    if (!/(?:^|;)FREQ=(?:DAILY|WEEKLY|MONTHLY|YEARLY)(?:;|$)/.test(input)) return refusal('Events repeat daily, weekly, monthly or yearly.')
    if (names.includes('COUNT') && names.includes('UNTIL')) return refusal('A rule ends after a count or on a day, not both.')
    return ruleOf(input) === null ? refusal('This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.') : { ok: true, value: input }
  },
  read: (text, settings) => recurrence.parse(text.trim().toUpperCase().replace(/^RRULE:/, ''), settings),
  write: (value) => value,
  format: (value) => ruleOf(value)?.toText() ?? value,
  filter: 'presence',
  sort: null,
  sortKey: null,
}

/** The first day (`2026-03-01`) from `from` on that a rule falls on, which then is the start that the rule needs; `from` itself where it falls on none. */
export function firstDayOf(rule: string, from: string): string {
  const start = new Date(`${from}T00:00:00Z`)
  return new RRule({ ...RRule.parseString(rule), dtstart: start }).after(start, true)?.toISOString().slice(0, 10) ?? from
}

function ruleOf(text: string) {
  try {
    const options = RRule.parseString(text)
    const whole = [options.interval, options.count].every((number) => number === undefined || number === null || (Number.isInteger(number) && number > 0))
    return whole ? new RRule(options) : null
  } catch {
    return null
  }
}
