import { object } from 'yup'
import { counted } from '../../words'
import { expandRule } from '../../time/recurrence/expand'
import { ruleInWords } from '../../time/recurrence/in-words'
import { parseRule } from '../../time/recurrence/rule'
import { refusal } from './define'
import type { FieldType } from './define'
import { changedRuleOf, parseRecurrence, wallMoment, wallText } from './repetition'
import type { ChangedRule, RecurrenceValue, StoredChange } from './repetition'

/**
 * How an event repeats: a rule of RFC 5545 (3.3.10) without its start, for which the event's own is
 * meant, and what became of single dates of it (EXDATE, RDATE, RECURRENCE-ID).
 */
export const recurrence: FieldType<'recurrence', object, RecurrenceValue> = {
  name: 'recurrence',
  title: 'Repeats',
  about: 'How an event comes again: every week, the first Saturday of a month.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse: (input) =>
    typeof input === 'string' || (typeof input === 'object' && input !== null && !Array.isArray(input))
      ? parseRecurrence(input)
      : refusal('This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.'),
  read(text) {
    const lines = text
      .trim()
      .toUpperCase()
      .split(/\s+/)
      .map((line) => /^(RRULE|RDATE|EXDATE|X-CANCELLED|X-MOVED):(.*)$/.exec(line) ?? ['', 'RRULE', line])
    const [rules, added] = ['RRULE', 'RDATE'].map((name) => lines.filter((line) => line[1] === name))
    const changes = lines.filter((line) => line[1] !== 'RRULE' && line[1] !== 'RDATE')
    const rule = rules?.[0]?.[2] ?? ''
    if ((rules?.length ?? 0) > 1) return refusal('Give one rule.')
    if (lines.length === (rules?.length ?? 0)) return parseRecurrence(rule)
    return parseRecurrence({
      rule,
      added: added?.map((line) => momentRead(line[2] ?? '')) ?? [],
      changes: changes.map((line) => changeRead(line[1] ?? '', line[2] ?? '')),
    })
  },
  write: (value) => (typeof value === 'string' ? value : written(value)),
  format(value, _, { locale }) {
    const { rule, added, changes } = changedRuleOf(value)
    const parsed = rule === '' ? null : parseRule(rule)
    const words = parsed?.ok === true ? ruleInWords(parsed.value, locale) : rule
    const others = added.length + changes.length
    const isEnglish = new Intl.Locale(locale).language === 'en'
    const more = others === 0 ? '' : isEnglish ? counted(others, 'date set', 'dates set') : `± ${others}`
    return [words, more].filter((part) => part !== '').join(isEnglish ? ', ' : ' ')
  },
  filter: 'presence',
  sort: null,
  sortKey: null,
}

/** Content lines as iCalendar has them; what it keeps in events of their own, in lines of ours (X-). */
function written({ rule, added, changes }: ChangedRule): string {
  return [
    ...(rule === '' ? [] : [`RRULE:${rule}`]),
    ...added.map((text) => `RDATE:${momentWritten(text)}`),
    ...changes.map(changeWritten),
  ].join('\n')
}

function changeWritten(change: StoredChange): string {
  const on = momentWritten(change.on)
  if (change.is !== 'moved') return `${change.is === 'leftOut' ? 'EXDATE' : 'X-CANCELLED'}:${on}`
  const length = change.minutes === undefined ? '' : `/PT${change.minutes}M`
  return `X-MOVED:${on}/${momentWritten(change.to)}${length}`
}

function changeRead(name: string, text: string): unknown {
  if (name !== 'X-MOVED') return { is: name === 'EXDATE' ? 'leftOut' : 'cancelled', on: momentRead(text) }
  const [on = '', to = '', length] = text.split('/')
  const minutes = length === undefined ? undefined : Number(/^PT(\d{1,6})M$/.exec(length)?.[1])
  return {
    is: 'moved',
    on: momentRead(on),
    to: momentRead(to),
    ...(minutes !== undefined && { minutes }),
  }
}

/** `20261223T100000` of `2026-12-23T10:00`. */
function momentWritten(text: string): string {
  return `${text.replaceAll(/[-:]/g, '')}00`
}

function momentRead(text: string): string {
  return text.replace(/^(\d{4})(\d{2})(\d{2})T(\d{2})(\d{2})00$/, '$1-$2-$3T$4:$5')
}

/**
 * The first day (`2026-03-01`) from `from` on that a rule falls on, which then is the start that
 * the rule needs; `from` itself where it falls on none.
 */
export function firstDayOf(rule: string, from: string): string {
  const start = wallMoment(`${from}T00:00`)
  const parsed = parseRule(rule)
  if (start === null || !parsed.ok) return from
  const [first] = expandRule(parsed.value, start, { from: start, before: Infinity, most: 1 }).moments
  return first === undefined ? from : wallText(first).slice(0, 10)
}
