import { Duration } from 'luxon'
import { object } from 'yup'
import { limitSchema, readNumber } from './checks'
import { refusal } from './define'
import type { FieldType } from './define'
import { numberFormat } from '../../formats/formatters'

export interface DurationSettings {
  /** Seconds, both included; null for no limit. */
  readonly least: number | null
  readonly most: number | null
}

/** A hundred days: beyond it dates say more. */
const longest = 8_640_000

/** A length of time in whole seconds. */
export const duration: FieldType<'duration', DurationSettings, number> = {
  name: 'duration',
  title: 'Duration',
  about: 'How long something takes.',
  settings: object({ least: limitSchema(true), most: limitSchema(true) })
    .noUnknown()
    .required(),
  defaults: { least: null, most: null },
  parse(input, { least, most }) {
    if (typeof input !== 'number' || !Number.isInteger(input))
      return refusal('This takes a duration, such as 1 h 20 min or 4:30.')
    if (input < 0 || input > longest) return refusal('A duration lies between 0 and 100 days.')
    if (least !== null && input < least) return refusal(`Use ${isoDuration(least)} or longer.`)
    return readNumber(input, null, most)
  },
  read(text, settings) {
    const seconds = fromIso(text) ?? fromClock(text) ?? fromWords(text)
    return duration.parse(seconds, settings)
  },
  write: isoDuration,
  format(value, _, { locale }) {
    const part = (count: number, unit: string) =>
      numberFormat(locale, { style: 'unit', unit, unitDisplay: 'short' }).format(count)
    const [hours, minutes, seconds] = [Math.floor(value / 3600), Math.floor(value / 60) % 60, value % 60]
    const parts = [
      ...(hours > 0 ? [part(hours, 'hour')] : []),
      ...(minutes > 0 ? [part(minutes, 'minute')] : []),
      ...(seconds > 0 || value === 0 ? [part(seconds, 'second')] : []),
    ]
    return parts.join(' ')
  },
  parseLimit: (input) => readNumber(input, 0, longest),
  filter: 'number',
  sort: 'number',
  orders: () => ['shortest first', 'longest first'],
  sortKey: (value) => value,
}

/** ISO 8601 duration of hours, minutes and seconds: `PT1H20M`. */
export function isoDuration(seconds: number): string {
  return Duration.fromObject({ seconds }).shiftTo('hours', 'minutes', 'seconds').toISO() ?? ''
}

/** Years and months have no length of their own, and are not read. */
function fromIso(text: string): number | null {
  const read = Duration.fromISO(text.trim().toUpperCase())
  const isEmpty = Object.keys(read.toObject()).length === 0
  if (!read.isValid || isEmpty || read.years !== 0 || read.months !== 0) return null
  return read.as('seconds')
}

/** `4:30` is four and a half minutes, `1:20:00` an hour and twenty minutes, as players show it. */
function fromClock(text: string): number | null {
  const [, first, second, third] = /^(\d+):([0-5]\d)(?::([0-5]\d))?$/.exec(text.trim()) ?? []
  if (first === undefined || second === undefined) return null
  return third === undefined
    ? Number(first) * 60 + Number(second)
    : Number(first) * 3600 + Number(second) * 60 + Number(third)
}

const unitSeconds: Readonly<Record<string, number>> = { d: 86_400, h: 3600, m: 60, s: 1 }

function fromWords(text: string): number | null {
  const whole =
    /^(?:\s*\d+(?:\.\d+)?\s*(?:d|days?|h|hrs?|hours?|m|min|mins|minutes?|s|secs?|seconds?)\b\.?,?)+\s*$/i
  if (!whole.test(text)) return null
  const parts = [...text.matchAll(/(\d+(?:\.\d+)?)\s*([dhms])/gi)]
  return parts.reduce(
    (sum, [, count, unit]) => sum + Number(count) * (unitSeconds[unit?.toLowerCase() ?? ''] ?? 0),
    0,
  )
}
