import { object, string } from 'yup'
import { formatDate } from '../../formats/dates'
import { refusal } from './define'
import type { FieldType } from './define'

export interface DateSettings {
  /** ISO 8601 dates, both included; null for no limit. */
  readonly earliest: string | null
  readonly latest: string | null
}

/**
 * Midnight UTC of an ISO 8601 calendar date of the years 1 to 9999, in epoch milliseconds; null for
 * no such day.
 */
export function dayStart(text: string): number | null {
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text)?.map(Number) ?? []
  if (year === undefined || month === undefined || day === undefined || year === 0) return null
  const date = new Date(0)
  date.setUTCFullYear(year, month - 1, day)
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day ? date.getTime() : null
}

const limit = () =>
  string()
    .nullable()
    .defined()
    .test('day', 'A limit is a day, such as 2026-11-24.', (text) => text == null || dayStart(text) !== null)

/** A calendar day, without a time and the same everywhere. */
export const date: FieldType<'date', DateSettings, string> = {
  name: 'date',
  title: 'Date',
  about: 'A day, the same in every time zone.',
  settings: object({ earliest: limit(), latest: limit() }).noUnknown().required(),
  defaults: { earliest: null, latest: null },
  parse(input, { earliest, latest }) {
    if (typeof input !== 'string' || dayStart(input) === null)
      return refusal('This takes a day, such as 2026-11-24.')
    if (earliest !== null && input < earliest) return refusal(`Use ${earliest} or a later day.`)
    if (latest !== null && input > latest) return refusal(`Use ${latest} or an earlier day.`)
    return { ok: true, value: input }
  },
  read: (text, settings) => date.parse(/^\d{4}-\d{2}-\d{2}/.exec(text.trim())?.[0] ?? text, settings),
  write: (value) => value,
  format: (value, _, { locale }) => formatDate(dayStart(value) ?? 0, { locale, zone: 'UTC' }),
  filter: 'day',
  sort: 'number',
  orders: () => ['earliest first', 'latest first'],
  sortKey: (value) => (dayStart(value) ?? 0) / 1000,
}
