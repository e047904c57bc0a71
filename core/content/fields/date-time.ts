import { object } from 'yup'
import { formatDate } from '../../formats/dates'
import { fromWallClock } from '../../time/zones'
import { refusal } from './define'
import type { FieldType } from './define'

/** Years 1 to 9999, as date fields show them; epoch milliseconds. */
export const earliestInstant = -62_135_596_800_000
export const latestInstant = 253_402_300_799_999

/** An instant, shown in the site's time zone. */
export const dateTime: FieldType<'date-time', object, number> = {
  name: 'date-time',
  title: 'Date and time',
  about: 'A moment: when something begins or ends.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse(input) {
    if (typeof input !== 'number' || !Number.isInteger(input)) return refusal('This takes a date and a time.')
    const within = input >= earliestInstant && input <= latestInstant
    return within
      ? { ok: true, value: Object.is(input, -0) ? 0 : input }
      : refusal('The date lies outside the years 1 to 9999.')
  },
  read(text, settings, { zone }) {
    const [, day, time, second, offset] =
      /^(\d{4}-\d{2}-\d{2})(?:[T ](\d{2}:\d{2})(:\d{2}(?:\.\d+)?)?)?\s*(Z|[+-]\d{2}:\d{2})?$/i.exec(
        text.trim(),
      ) ?? []
    if (day === undefined) return refusal('This takes a date and a time, such as 2026-11-24 09:30.')
    const instant =
      offset === undefined
        ? fromWallClock(`${day}T${time ?? '00:00'}`, zone)
        : Date.parse(`${day}T${time ?? '00:00'}${second ?? ''}${offset.toUpperCase()}`)
    return dateTime.parse(Number.isNaN(instant) ? null : instant, settings)
  },
  write: (value) => new Date(value).toISOString(),
  format: (value, _, place) => formatDate(value, place, 'time'),
  filter: 'instant',
  sort: 'number',
  orders: () => ['earliest first', 'latest first'],
  sortKey: (value) => value / 1000,
}
