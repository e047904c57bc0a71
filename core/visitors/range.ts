import { array, boolean, number, object, string } from 'yup'
import type { FieldInput } from '../content/field'
import { fieldTypes } from '../content/fields'
import { decimalsOf } from '../content/fields/money'
import type { MoneySettings } from '../content/fields/money'
import type { NumberSettings } from '../content/fields/number'
import { columnOf } from '../rules/columns'
import { same } from '../same'
import { idOrLaterSchema } from '../schemas'
import type { KnownField, Words } from '../words'
import { defineControl, fieldParameter } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { fieldTargets, scaleTarget, waysTarget } from './ways'

export const rangeLayouts = ['fields', 'slider', 'steps'] as const

/** Narrowing by where a number lies: a price, an area, a rating, a length. */
export interface RangeControl extends Labelled {
  readonly control: 'range'
  readonly field: number
  /** A least and a most to type, or to set on a scale of what there is, or steps to press. */
  readonly layout: (typeof rangeLayouts)[number]
  /** Where steps meet, rising, 12 at most: in the units that the field is shown in. */
  readonly steps: readonly number[]
  /** Whether steps say how many they would find. */
  readonly counts: boolean
}

/** What is chosen of a range: both limits included, null for none; one is there. */
export interface Range {
  readonly from: number | null
  readonly to: number | null
}

/** A control of a field as it is added. */
export function newRangeControl(field: number): RangeControl {
  return { control: 'range', field, ...usualLabel, layout: 'fields', steps: [], counts: true }
}

export const mostSteps = 12
const stepRange = 'Use numbers of 15 digits at most.'
/** As much as addresses and indexes hold exactly. */
const largest = 1e15

export const rangeControl = defineControl<'range', RangeControl, Range>({
  name: 'range',
  title: 'Range',
  schema: object({
    control: string<'range'>().oneOf(['range']).required(),
    field: idOrLaterSchema().required(),
    ...labelledSchema,
    layout: string().oneOf(rangeLayouts, 'A range is typed, set on a scale, or chosen by steps.').required(),
    steps: array(number().typeError(stepRange).min(-largest, stepRange).max(largest, stepRange).required())
      .max(mostSteps, `Use at most ${mostSteps} steps.`)
      .test('rising', 'Steps rise, each more than the one before.', (all) =>
        (all ?? []).every((one, at) => at === 0 || one > (all?.[at - 1] ?? 0)),
      )
      .required(),
    counts: boolean().required(),
  })
    .noUnknown()
    .required(),
  styled: [waysTarget, ...fieldTargets, scaleTarget],
  label: ({ label, field }, words) => label || (words.field(field)?.name ?? 'A field that is gone'),
  of: ({ field }) => String(field),
  parameter: ({ field }, site) => {
    const known = site.words.field(field)
    return known === undefined || !hasRange(known) ? null : fieldParameter(known, site)
  },
  parts: { names: ['from', 'to'], joined: ([from = '', to = '']) => `${from}-${to}` },
  read(_, text) {
    const [, from, to] = /^(-?\d{1,15}(?:\.\d{1,6})?)?-(-?\d{1,15}(?:\.\d{1,6})?)?$/.exec(text) ?? []
    const limits = [from, to].flatMap((one) => (one === undefined ? [] : [Number(one)]))
    const [least, most] = limits.toSorted((one, other) => one - other)
    if (least === undefined) return { choice: null, unknown: text === '-' ? [] : [text] }
    return {
      choice:
        most === undefined
          ? { from: from === undefined ? null : least, to: to === undefined ? null : least }
          : { from: least, to: most },
      unknown: [],
    }
  },
  write: (_, { from, to }) => `${from ?? ''}-${to ?? ''}`,
  asks({ field }, { from, to }, { words, collections }) {
    const known = words.field(field)
    return known === undefined
      ? { test: 'all', of: [] }
      : { test: 'between', value: columnOf(known, { words, collections }), from, to, before: null }
  },
  isOneOfFew: ({ layout, steps }, choice) =>
    layout === 'steps' && rangesOf({ steps }).some((one) => same(one, choice)),
  told: ({ field }, choice, words) => {
    const known = words.field(field)
    return known === undefined ? [] : [{ title: rangeTitle(choice, known, words), without: null }]
  },
})

/** Whether visitors can be given a range of a field: it is a number, of one kind, that listings may narrow by. */
export function hasRange({
  type,
  settings,
  filterable,
}: Pick<FieldInput, 'type' | 'settings' | 'filterable'>) {
  if (!filterable || fieldTypes.get(type).filter !== 'number') return false
  return type !== 'money' || (settings as MoneySettings).currencies.length === 1
}

/** A range as visitors read it: “£2 to £5”, “up to 20 m²”, “4 and more”. */
export function rangeTitle({ from, to }: Range, field: KnownField, words: Words): string {
  const said = (one: number) => numberTitle(one, field, words)
  if (from === null) return to === null ? '' : `up to ${said(to)}`
  return to === null ? `${said(from)} and more` : `${said(from)} to ${said(to)}`
}

/** With how many decimals the numbers of a field are told. */
export function decimalsTold({ type, settings }: Pick<FieldInput, 'type' | 'settings'>): number {
  if (type === 'money') return decimalsOf((settings as MoneySettings).currencies[0] ?? '')
  if (type === 'number') return (settings as NumberSettings).decimals
  return type === 'rating' ? 1 : 0
}

/** A number as a field shows it. */
function numberTitle(value: number, { type, settings }: KnownField, words: Words): string {
  if (type !== 'money') return fieldTypes.get(type).format(value, settings, words)
  const [currency = ''] = (settings as MoneySettings).currencies
  const amount = Math.round(value * 10 ** decimalsOf(currency))
  return fieldTypes.get(type).format({ amount, currency }, settings, words)
}

/** The ranges between steps, with what lies below the first and above the last. */
export function rangesOf({ steps }: Pick<RangeControl, 'steps'>): readonly Range[] {
  if (steps.length === 0) return []
  return [null, ...steps].map((from, at) => ({ from, to: steps[at] ?? null }))
}
