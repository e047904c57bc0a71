import { mixed, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { lazy } from 'yup'
import { dayStart } from '../content/fields/date'
import { windowUnits } from '../time/windows'
import type { DateWindow, WindowUnit } from '../time/windows'
import { counted } from '../words'
import { dateFormat } from '../formats/formatters'

const day = () =>
  string()
    .nullable()
    .defined()
    .test('day', 'This takes a day, such as 2026-11-24.', (text) => text == null || dayStart(text) !== null)
const unit = () =>
  string<WindowUnit>()
    .oneOf([...windowUnits], 'A unit is day, week, month or year.')
    .required()
/** As many of a unit as dates can be counted back and forth: about a thousand years. */
const mostOf: Record<WindowUnit, number> = { day: 36_525, week: 36_525, month: 12_000, year: 1000 }
const counting = object({
  is: string<'last' | 'next'>().oneOf(['last', 'next']).required(),
  count: number()
    .typeError('Say how many.')
    .integer('Use a whole number.')
    .min(1, 'Use at least 1.')
    .required('Say how many.')
    .test(
      'most',
      (count, { parent, createError }) =>
        count <= mostFor(parent) ||
        createError({ message: `Use at most ${mostFor(parent).toLocaleString('en')}.` }),
    ),
  unit: unit(),
})
  .noUnknown()
  .required()

function mostFor(window: unknown): number {
  const of: unknown = typeof window === 'object' && window !== null ? Reflect.get(window, 'unit') : undefined
  return windowUnits.find((one) => one === of) === undefined ? mostOf.day : mostOf[of as WindowUnit]
}

const schemas: Readonly<Record<DateWindow['is'], Schema<unknown>>> = {
  between: object({ is: string().required(), from: day(), to: day() }).noUnknown().required(),
  last: counting,
  next: counting,
  this: object({ is: string().required(), unit: unit() }).noUnknown().required(),
  upcoming: object({ is: string().required() }).noUnknown().required(),
  past: object({ is: string().required() }).noUnknown().required(),
}

const unknownWindow = mixed().test(
  'known',
  `A stretch of time is one of: ${Object.keys(schemas).join(', ')}.`,
  () => false,
)

/** Checks a stretch of time. */
export const windowSchema = lazy((value: unknown) => {
  const is: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'is') : undefined
  return typeof is === 'string' && Object.hasOwn(schemas, is)
    ? schemas[is as DateWindow['is']]
    : unknownWindow
}) as unknown as Schema<DateWindow>

/** Why the stretch holds nothing, whatever the day; null when it may hold something. */
export function windowFault(window: DateWindow): string | null {
  if (window.is !== 'between') return null
  if (window.from === null && window.to === null) return 'Give a first day, a last day, or both.'
  return window.from !== null && window.to !== null && window.from > window.to
    ? 'The first day lies after the last. Swap them.'
    : null
}

const current: Record<WindowUnit, string> = {
  day: 'today',
  week: 'this week',
  month: 'this month',
  year: 'this year',
}

/** The stretch in words: “last 90 days”, “from 1 March 2026 to 3 April 2026”. */
export function windowPhrase(window: DateWindow, locale: string): string {
  switch (window.is) {
    case 'between': {
      const said = (text: string) =>
        dateFormat(locale, { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
          dayStart(text) ?? 0,
        )
      if (window.from === null) return window.to === null ? 'at any time' : `until ${said(window.to)}`
      return window.to === null
        ? `from ${said(window.from)} on`
        : `from ${said(window.from)} to ${said(window.to)}`
    }
    case 'last':
    case 'next':
      return `${window.is} ${counted(window.count, window.unit, `${window.unit}s`)}`
    case 'this':
      return current[window.unit]
    case 'upcoming':
      return 'yet to come'
    case 'past':
      return 'in the past'
  }
}
