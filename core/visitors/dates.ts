import { array, boolean, lazy, object, string } from 'yup'
import type { Schema } from 'yup'
import type { FieldInput } from '../content/field'
import { fieldTypes } from '../content/fields'
import { dayStart } from '../content/fields/date'
import { dateFormat } from '../formats/formatters'
import type { Rule } from '../rules'
import { windowPhrase } from '../rules/window'
import { idOrLaterSchema } from '../schemas'
import type { DateWindow } from '../time/windows'
import type { Words } from '../words'
import { defineControl, fieldParameter } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { fieldTargets, waysTarget } from './ways'

export const dateSpans = ['today', 'this-week', 'this-month', 'this-year', 'to-come', 'past'] as const
export type DateSpan = (typeof dateSpans)[number]
export const dateLayouts = ['spans', 'months', 'fields'] as const

/** Narrowing by a date: of publication, of when entries happen, or of a field. */
export interface DatesControl extends Labelled {
  readonly control: 'dates'
  readonly of: 'published' | 'when' | number
  /** Stretches of time to press, the months that there are, or a first and a last day to type. */
  readonly layout: (typeof dateLayouts)[number]
  /** Those to press, each once, in their order. */
  readonly spans: readonly DateSpan[]
  /** Whether they say how many they would find. */
  readonly counts: boolean
}

/**
 * A stretch of time that moves with the clock, a calendar month (“2026-03”), or days between two, both
 * included; one of those is there.
 */
export type DateChoice =
  | { readonly span: DateSpan }
  | { readonly month: string }
  | { readonly from: string | null; readonly to: string | null }

/** A control of a date as it is added. */
export function newDatesControl(of: DatesControl['of']): DatesControl {
  const spans: readonly DateSpan[] =
    of === 'published'
      ? ['this-week', 'this-month', 'this-year']
      : ['to-come', 'this-week', 'this-month', 'past']
  return { control: 'dates', of, ...usualLabel, layout: 'spans', spans, counts: true }
}

const windows: Readonly<Record<DateSpan, DateWindow>> = {
  today: { is: 'this', unit: 'day' },
  'this-week': { is: 'this', unit: 'week' },
  'this-month': { is: 'this', unit: 'month' },
  'this-year': { is: 'this', unit: 'year' },
  'to-come': { is: 'upcoming' },
  past: { is: 'past' },
}

export const datesControl = defineControl<'dates', DatesControl, DateChoice>({
  name: 'dates',
  title: 'Dates',
  schema: object({
    control: string<'dates'>().oneOf(['dates']).required(),
    of: lazy((value: unknown) =>
      typeof value === 'number'
        ? idOrLaterSchema().required()
        : string()
            .oneOf(['published', 'when'], 'A date is of publication, of when it happens, or a field.')
            .required(),
    ) as unknown as Schema<DatesControl['of']>,
    ...labelledSchema,
    layout: string()
      .oneOf(dateLayouts, 'Dates are chosen by stretches of time, by months, or typed.')
      .required(),
    spans: array(
      string<DateSpan>()
        .oneOf([...dateSpans], 'This is no stretch of time.')
        .required(),
    )
      .test('once', 'A stretch of time is offered once.', (all) => new Set(all).size === (all ?? []).length)
      .required(),
    counts: boolean().required(),
  })
    .noUnknown()
    .required(),
  styled: [waysTarget, ...fieldTargets],
  label({ label, of }, words) {
    if (label !== '') return label
    if (of === 'published') return 'Published'
    return of === 'when' ? 'When' : (words.field(of)?.name ?? 'A field that is gone')
  },
  of: ({ of }) => String(of),
  parameter({ of }, site) {
    if (typeof of !== 'number') return of
    const known = site.words.field(of)
    return known === undefined || !hasDates(known) ? null : fieldParameter(known, site)
  },
  parts: { names: ['from', 'to'], joined: ([from = '', to = '']) => `${from}..${to}` },
  read({ spans }, text) {
    const span = spans.find((one) => one === text)
    if (span !== undefined) return { choice: { span }, unknown: [] }
    if (firstDayOf(text) !== null) return { choice: { month: text }, unknown: [] }
    const [from, to, ...more] = text.split('..')
    const days = [from, to].map((day) => (day === '' ? null : day))
    const isRight =
      more.length === 0 && to !== undefined && days.every((day) => day == null || dayStart(day) !== null)
    const [first = null, last = null] = days
    if (!isRight || (first === null && last === null))
      return { choice: null, unknown: text === '..' || text === '' ? [] : [text] }
    const isTurned = first !== null && last !== null && first > last
    return { choice: isTurned ? { from: last, to: first } : { from: first, to: last }, unknown: [] }
  },
  write(_, choice) {
    if ('span' in choice) return choice.span
    return 'month' in choice ? choice.month : `${choice.from ?? ''}..${choice.to ?? ''}`
  },
  asks: ({ of }, choice) => ruleOf(of, windowOf(choice)),
  isOneOfFew: (_, choice) => !('from' in choice),
  told: (_, choice, words) => [{ title: dateTitle(choice, words), without: null }],
})

/** Whether a field is of days or instants that listings may narrow by. */
export function hasDates({ type, filterable }: Pick<FieldInput, 'type' | 'filterable'>): boolean {
  return filterable && ['day', 'instant'].includes(fieldTypes.get(type).filter)
}

/** The rules that its stretches of time ask by, whichever is chosen. */
export function spanRules({ of, layout, spans }: DatesControl): readonly Rule[] {
  return layout === 'spans' ? spans.map((span) => ruleOf(of, windows[span])) : []
}

/** What visitors read of a choice: “This week”, “March 2026”, “From 1 March 2026 on”. */
export function dateTitle(choice: DateChoice, { locale }: Pick<Words, 'locale'>): string {
  if ('month' in choice)
    return dateFormat(locale, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
      firstDayOf(choice.month) ?? 0,
    )
  const said = windowPhrase(windowOf(choice), locale)
  return said.charAt(0).toLocaleUpperCase(locale) + said.slice(1)
}

function windowOf(choice: DateChoice): DateWindow {
  if ('span' in choice) return windows[choice.span]
  if (!('month' in choice)) return { is: 'between', ...choice }
  const first = new Date(firstDayOf(choice.month) ?? 0)
  const last = new Date(new Date(first).setUTCMonth(first.getUTCMonth() + 1, 0))
  return { is: 'between', from: isoDay(first), to: isoDay(last) }
}

const isoDay = (date: Date) => date.toISOString().slice(0, 10)

/** Midnight UTC of the first day of a month as addresses have it, of the years 1 to 9999; null for anything else. */
function firstDayOf(text: string): number | null {
  return /^\d{4}-(?:0[1-9]|1[0-2])$/.test(text) ? dayStart(`${text}-01`) : null
}

function ruleOf(of: DatesControl['of'], window: DateWindow): Rule {
  if (of === 'published') return { rule: 'date', window }
  if (of === 'when') return { rule: 'when', asked: { is: 'within', window } }
  return { rule: 'field', field: of, asked: { is: 'within', window } }
}
