import { DateTime } from 'luxon'
import type { FieldPlace } from '../content/fields/define'
import { dateFormat, relativeFormat } from './formatters'
import type { Occurrence } from '../time/occurrences'

export const dateStyles = ['day', 'long', 'month', 'short', 'weekday', 'time', 'relative'] as const
/**
 * How a date is written: “12 Nov 2026”, “12 November 2026”, “November 2026”, “12 Nov”, “Thu 12
 * Nov”, “12 Nov 2026, 14:00”, or told from today: “yesterday”.
 */
export type DateStyle = (typeof dateStyles)[number]

/** An instant, or a whole calendar day. */
export interface Moment {
  /** Epoch milliseconds; midnight UTC of a whole day. */
  readonly at: number
  readonly whole: boolean
}

export type DatePlace = FieldPlace & { readonly now: number }

type WrittenStyle = Exclude<DateStyle, 'relative'>

/** By which clock moments are told: the site's, that of the event, or that of whoever reads. */
export const clocks = ['site', 'event', 'visitor'] as const
export type Clock = (typeof clocks)[number]

const options: Record<WrittenStyle, Intl.DateTimeFormatOptions> = {
  day: { day: 'numeric', month: 'short', year: 'numeric' },
  long: { day: 'numeric', month: 'long', year: 'numeric' },
  month: { month: 'long', year: 'numeric' },
  short: { day: 'numeric', month: 'short' },
  weekday: { weekday: 'short', day: 'numeric', month: 'short' },
  time: { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' },
}

/** A moment in the site's language and time zone; a whole day is the same day everywhere. */
export function formatMoment(moment: Moment, style: DateStyle, place: DatePlace): string {
  return style === 'relative' ? relative(moment, place) : formatter(moment, style, place).format(moment.at)
}

/**
 * How a moment is written as `Intl.DateTimeFormat` takes it, with the name of its zone beside a time of
 * day; null for a style told from today.
 */
export function momentOptions(style: DateStyle): Intl.DateTimeFormatOptions | null {
  if (style === 'relative') return null
  return style === 'time' ? { ...options.time, timeZoneName: 'short' } : options[style]
}

/** Moments by another clock than the site's, from one to another where there are two. Epoch milliseconds. */
export function formatByClock(
  start: number,
  end: number | null,
  style: DateStyle,
  place: FieldPlace,
): string {
  const wanted = momentOptions(style) ?? options.day
  const format = dateFormat(place.locale, { ...wanted, timeZone: place.zone })
  return end === null || end <= start ? format.format(start) : format.formatRange(start, end)
}

/** An instant (epoch milliseconds) as the bench and the content screens write it: “12 Nov 2026”. */
export function formatDate(instant: number, place: FieldPlace, style: WrittenStyle = 'day'): string {
  return formatter({ at: instant, whole: false }, style, place).format(instant)
}

/** The time of day of an instant: “10:42”. */
export function formatTime(instant: number, { locale, zone }: FieldPlace): string {
  return dateFormat(locale, { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(instant)
}

/**
 * From one moment to another, what they share said once: “12–14 Nov 2026” (Unicode CLDR, interval
 * formats).
 */
export function formatSpan(start: Moment, end: Moment, style: DateStyle, place: DatePlace): string {
  if (style === 'relative') return `${relative(start, place)} – ${relative(end, place)}`
  if (start.whole === end.whole)
    return end.at <= start.at
      ? formatMoment(start, style, place)
      : formatter(start, style, place).formatRange(start.at, end.at)
  // A day is the same everywhere, a moment has its day in the zone: both are told by the calendar
  // that hangs there.
  const [from, to] = [onTheWall(start, place), onTheWall(end, place)]
  if (dayAt(to) <= dayAt(from)) return formatMoment(start, style, place)
  return formatter({ at: from, whole: true }, style, place).formatRange(from, to)
}

/** One date of what happens: “Wed 2 Dec 2026, 17:30–20:00”; of whole days, the days. */
export function formatOccurrence(
  { startsAt, endsAt, isWholeDays }: Pick<Occurrence, 'startsAt' | 'endsAt' | 'isWholeDays'>,
  { locale, zone }: FieldPlace,
): string {
  const day: Intl.DateTimeFormatOptions = {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  }
  const time: Intl.DateTimeFormatOptions = isWholeDays ? {} : { hour: '2-digit', minute: '2-digit' }
  // Whole days end as the next one begins.
  const last = Math.max(startsAt, isWholeDays ? endsAt - 1 : endsAt)
  return dateFormat(locale, { ...day, ...time, timeZone: zone }).formatRange(startsAt, last)
}

/** A moment as if the clock on the wall showed UTC, epoch milliseconds; a whole day as it is. */
function onTheWall({ at, whole }: Moment, { zone }: DatePlace): number {
  return whole ? at : DateTime.fromMillis(at, { zone }).setZone('utc', { keepLocalTime: true }).toMillis()
}

function dayAt(wall: number): number {
  return Math.floor(wall / 86_400_000)
}

function formatter(moment: Moment, style: WrittenStyle, { locale, zone }: FieldPlace): Intl.DateTimeFormat {
  const shown = moment.whole && style === 'time' ? options.day : options[style]
  return dateFormat(locale, { ...shown, timeZone: moment.whole ? 'UTC' : zone })
}

/**
 * “today”, “in 3 days”, “last month”: by calendar days of the site's zone, in the largest unit that
 * is full.
 */
function relative({ at, whole }: Moment, { locale, zone, now }: DatePlace): string {
  const today = DateTime.fromMillis(now, { zone })
  const day = DateTime.fromMillis(at, { zone: whole ? 'utc' : zone })
  const from = DateTime.utc(today.year, today.month, today.day)
  const days = Math.round(DateTime.utc(day.year, day.month, day.day).diff(from, 'days').days)
  const words = relativeFormat(locale, { numeric: 'auto' })
  if (Math.abs(days) < 14) return words.format(days, 'day')
  const to = from.plus({ days })
  const months = Math.trunc(to.diff(from, 'months').months)
  if (months === 0) return words.format(Math.trunc(days / 7), 'week')
  return Math.abs(months) < 12 ? words.format(months, 'month') : words.format(Math.trunc(months / 12), 'year')
}
