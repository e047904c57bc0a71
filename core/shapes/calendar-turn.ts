import { DateTime } from 'luxon'
import { firstDayOfWeek } from '../time/windows'
import { firstInstantOf } from '../time/zones'

export const calendarViews = ['month', 'week', 'agenda'] as const
export type CalendarView = (typeof calendarViews)[number]
export const weekBegins = ['site', 'monday', 'saturday', 'sunday'] as const

/** What calendars go by when they are turned. */
export interface TurnedBy {
  /** The first is shown where nothing else is asked. */
  readonly views: readonly CalendarView[]
  readonly weekBegins: (typeof weekBegins)[number]
}

/** What of a calendar is shown: the month or the week of a day, in a view, of one term or of all. */
export interface Turn {
  readonly view: CalendarView
  /** The first day of the month or the week, `2026-12-01`. */
  readonly day: string
  /** The term that it is narrowed to; null for all. */
  readonly term: number | null
}

/** Language and time zone of a calendar, and now in epoch milliseconds. */
export interface TurnedAt {
  readonly locale: string
  readonly zone: string
  readonly now: number
}

const named = /^(month|week|agenda)-(\d{4}-\d{2})(-\d{2})?(?:_(\d{1,9}))?$/

/** Years that addresses may name: no calendar is turned on for ever. */
const [firstYear, lastYear] = [1, 9998]

/** A turn as addresses have it: `month-2026-12`, `week-2026-11-30`, `agenda-2026-12_7`. */
export function turnText({ view, day, term }: Turn): string {
  return `${view}-${view === 'week' ? day : day.slice(0, 7)}${term === null ? '' : `_${term}`}`
}

/** Reads a turn; what is not one, or of a view that the calendar has not, is the present one. */
export function readTurn(text: string | null, by: TurnedBy, at: TurnedAt): Turn {
  const [, view, month = '', day = '-01', term] = named.exec(text ?? '') ?? []
  const date = DateTime.fromISO(`${month}${day}`, { zone: at.zone, locale: at.locale })
  const known = by.views.find((one) => one === view)
  if (known === undefined || !date.isValid || date.year < firstYear || date.year > lastYear)
    return presentTurn(by, at)
  return { view: known, day: beginning(date, known, by, at), term: term === undefined ? null : Number(term) }
}

/** The month or the week of today, in the first view. */
export function presentTurn(by: TurnedBy, at: TurnedAt): Turn {
  const [view = 'month'] = by.views
  return { view, day: beginning(DateTime.fromMillis(at.now, { zone: at.zone }), view, by, at), term: null }
}

/** The same in another view: the week, or the month, that today lies in where it does, else the first. */
export function inView(turn: Turn, view: CalendarView, by: TurnedBy, at: TurnedAt): Turn {
  const first = DateTime.fromISO(turn.day, { zone: at.zone })
  const today = DateTime.fromMillis(at.now, { zone: at.zone })
  const end = turn.view === 'week' ? first.plus({ days: 7 }) : first.plus({ months: 1 })
  const day = today >= first && today < end ? today : first
  return { ...turn, view, day: beginning(day, view, by, at) }
}

/** The month or the week that lies so many further on, or back. */
export function turnedBy(turn: Turn, count: number): Turn {
  const day = DateTime.fromISO(turn.day, { zone: 'utc' })
  const next = turn.view === 'week' ? day.plus({ weeks: count }) : day.plus({ months: count })
  return { ...turn, day: next.toISODate() ?? turn.day }
}

/** The days that are seen: those of the month or the week; a month as a sheet has whole weeks. */
export function daysSeen(
  { view, day }: Turn,
  by: TurnedBy,
  { zone, locale }: Pick<TurnedAt, 'zone' | 'locale'>,
): readonly DateTime[] {
  const first = DateTime.fromISO(day, { zone })
  if (view === 'week') return daysFrom(first, 7)
  const count = first.daysInMonth ?? 31
  if (view === 'agenda') return daysFrom(first, count)
  const before = (first.weekday - weekBegin(by, locale) + 7) % 7
  return daysFrom(first.minus({ days: before }), Math.ceil((before + count) / 7) * 7)
}

/** The instants of the days that are seen, epoch milliseconds; `before` is not part of them. */
export function stretchSeen(
  turn: Turn,
  by: TurnedBy,
  at: Pick<TurnedAt, 'zone' | 'locale'>,
): { readonly from: number; readonly before: number } {
  const days = daysSeen(turn, by, at)
  const [first, last] = [days[0], days.at(-1)]
  if (first === undefined || last === undefined) throw new RangeError('A calendar has days.')
  return {
    from: firstInstantOf(first),
    before: firstInstantOf(last.plus({ days: 1 })),
  }
}

/** Where weeks begin: 1 (Monday) to 7, as in ISO 8601. */
export function weekBegin({ weekBegins: begins }: TurnedBy, locale: string): number {
  return begins === 'site' ? firstDayOfWeek(locale) : { monday: 1, saturday: 6, sunday: 7 }[begins]
}

function daysFrom(first: DateTime, count: number): readonly DateTime[] {
  return Array.from({ length: count }, (_, days) => first.plus({ days }))
}

function beginning(day: DateTime, view: CalendarView, by: TurnedBy, { locale }: TurnedAt): string {
  const first =
    view === 'week' ? day.minus({ days: (day.weekday - weekBegin(by, locale) + 7) % 7 }) : day.set({ day: 1 })
  return first.toISODate() ?? ''
}
