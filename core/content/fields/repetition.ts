import { array, lazy, mixed, object, string } from 'yup'
import type { Schema } from 'yup'
import type { OccurrenceChange, Repetition } from '../../time/occurrences'
import { expandRule } from '../../time/recurrence/expand'
import { longestRule, parseRule } from '../../time/recurrence/rule'
import type { RecurrenceRule } from '../../time/recurrence/rule'
import { faulty, parseWith } from '../../parsing'
import type { Parsed } from '../../parsing'
import { dayStart } from './date'

/** What became of one date of a rule. Dates are what the clock shows there: `2026-12-23T10:00`. */
export type StoredChange =
  | { readonly is: 'leftOut' | 'cancelled'; readonly on: string }
  | {
      readonly is: 'moved'
      readonly on: string
      readonly to: string
      /** In minutes; left out for the length of the others. */
      readonly minutes?: number
    }

/** A rule with dates besides, and with what became of single ones. */
export interface ChangedRule {
  /** Empty where only the dates named come. */
  readonly rule: string
  readonly added: readonly string[]
  readonly changes: readonly StoredChange[]
}

/** A rule alone is stored as its text. */
export type RecurrenceValue = string | ChangedRule

export const mostDates = 200
/** A fortnight: what lasts longer is another event. */
const mostMinutes = 20_160

/** What the clock shows (as if UTC, epoch milliseconds) of `2026-12-23T10:00`; null for no such moment. */
export function wallMoment(text: string): number | null {
  const [, day, hour, minute] = /^(\d{4}-\d{2}-\d{2})T(\d{2}):(\d{2})$/.exec(text) ?? []
  const start = day === undefined ? null : dayStart(day)
  if (start === null || Number(hour) > 23 || Number(minute) > 59) return null
  return start + (Number(hour) * 60 + Number(minute)) * 60_000
}

/** The other way round, of the years 1 to 9999. */
export function wallText(moment: number): string {
  return new Date(moment).toISOString().slice(0, 16)
}

const moment = () =>
  string()
    .required()
    .test('moment', 'A date is written as 2026-12-23T10:00.', (text) => wallMoment(text) !== null)

const changeSchemas = {
  leftOut: object({ is: string().required(), on: moment() }).noUnknown().required(),
  cancelled: object({ is: string().required(), on: moment() }).noUnknown().required(),
  moved: object({
    is: string().required(),
    on: moment(),
    to: moment(),
    minutes: mixed<number>().test(
      'minutes',
      `A date lasts between 0 and ${mostMinutes} minutes.`,
      (value) =>
        value === undefined ||
        (Number.isInteger(value) && Number(value) >= 0 && Number(value) <= mostMinutes),
    ),
  })
    .noUnknown()
    .required(),
}

const changeSchema = lazy((value: unknown) => {
  const is: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'is') : undefined
  return typeof is === 'string' && Object.hasOwn(changeSchemas, is)
    ? changeSchemas[is as StoredChange['is']]
    : mixed().test('known', 'A date is left out, cancelled or moved.', () => false)
}) as unknown as Schema<StoredChange>

const missing = 'Give a rule, dates, or both.'

const schema = object({
  rule: string().defined(missing).max(longestRule, `A rule has at most ${longestRule} characters.`),
  added: array(moment()).max(mostDates, `Add at most ${mostDates} dates.`).required(missing),
  changes: array(changeSchema).max(mostDates, `Change at most ${mostDates} dates.`).required(missing),
})
  .noUnknown('This is not part of a rule: ${unknown}.')
  .required(missing) as unknown as Schema<ChangedRule>

/**
 * Reads a rule of events, alone or with its dates. Dates come out in order and once each; a rule
 * without any comes out as its text.
 */
export function parseRecurrence(input: unknown): Parsed<RecurrenceValue> {
  if (typeof input === 'string') return parseEventRule(input)
  const parsed = parseWith<ChangedRule>(schema, input)
  if (!parsed.ok) return parsed
  const { rule, added, changes } = parsed.value
  if (rule === '' && added.length === 0) return faulty('', missing)
  const checked = rule === '' ? null : parseEventRule(rule)
  if (checked?.ok === false) return checked
  if (added.length === 0 && changes.length === 0) return { ok: true, value: rule }
  const last = new Map(changes.map((change) => [change.on, change]))
  return {
    ok: true,
    value: {
      rule,
      added: [...new Set(added)].toSorted(),
      changes: [...last.values()].toSorted((a, b) => (a.on < b.on ? -1 : 1)),
    },
  }
}

/** Events come once a day at most: finer parts are refused, and rules that fall on no day. */
function parseEventRule(text: string): Parsed<string> {
  const parsed = parseRule(text)
  if (!parsed.ok) return parsed
  const rule = parsed.value
  if (!['YEARLY', 'MONTHLY', 'WEEKLY', 'DAILY'].includes(rule.frequency))
    return faulty('', 'Events repeat daily, weekly, monthly or yearly.')
  if (rule.hours.length + rule.minutes.length + rule.seconds.length > 0)
    return faulty('', 'The time is that of the beginning: leave hours, minutes and seconds out.')
  return falls(rule)
    ? { ok: true, value: text }
    : faulty('', 'This rule falls on no day. Ask for less at once.')
}

const beginning = Date.UTC(2000, 0, 1)
/** All there is of days, weeks and leap years comes within so many years. */
const longEnough = 40 * 366 * 86_400_000

/** Whether there is any day that a rule falls on, begun whenever it may be. */
function falls(rule: RecurrenceRule): boolean {
  const plain: RecurrenceRule = { ...rule, interval: 1, count: null, until: null }
  return (
    expandRule(plain, beginning, { from: beginning, before: beginning + longEnough, most: 1 }).moments
      .length > 0
  )
}

/** What is set of a value, whichever form it has; of none, nothing. */
export function changedRuleOf(value: RecurrenceValue | null): ChangedRule {
  if (value === null || typeof value === 'string') return { rule: value ?? '', added: [], changes: [] }
  return value
}

/** A rule and its dates as values to compute with. Of what `parseRecurrence` accepted. */
export function repetitionOf(value: RecurrenceValue): Repetition {
  const { rule, added, changes } = changedRuleOf(value)
  const parsed = rule === '' ? null : parseRule(rule)
  return {
    rule: parsed?.ok === true ? parsed.value : null,
    added: added.flatMap((text) => wallMoment(text) ?? []),
    changes: changes.flatMap(changeOf),
  }
}

function changeOf(change: StoredChange): readonly OccurrenceChange[] {
  const on = wallMoment(change.on)
  if (on === null) return []
  if (change.is !== 'moved') return [{ is: change.is, on }]
  const to = wallMoment(change.to)
  return to === null
    ? []
    : [{ is: 'moved', on, to, length: change.minutes === undefined ? null : change.minutes * 60_000 }]
}
