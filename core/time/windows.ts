import { DateTime } from 'luxon'
import { civilDayOf, firstInstantOf, startOfDayBefore } from './zones'

export const windowUnits = ['day', 'week', 'month', 'year'] as const
export type WindowUnit = (typeof windowUnits)[number]

/** A stretch of time, fixed or moving with the clock. Days are calendar days of the site's zone. */
export type DateWindow =
  | {
      readonly is: 'between'
      /** ISO 8601 days, both included; null for no limit. */ readonly from: string | null
      readonly to: string | null
    }
  | { readonly is: 'last' | 'next'; /** 1 to 36,525. */ readonly count: number; readonly unit: WindowUnit }
  | { readonly is: 'this'; readonly unit: WindowUnit }
  | { readonly is: 'upcoming' | 'past' }

export interface WindowPlace {
  /** Epoch milliseconds. */
  readonly now: number
  /** IANA time zone. */
  readonly zone: string
  /** BCP 47; decides on which day weeks begin. */
  readonly locale: string
}

/** The instants of a window: `from` is part of it, `before` is not. Epoch milliseconds; null is no limit. */
export interface InstantRange {
  readonly from: number | null
  readonly before: number | null
}

/**
 * The instants that a window holds at `now`. “The last 3 days” are today and the two days before it,
 * up to now; “the next 3 days” are what is left of today and the two days after it; of weeks, months
 * and years it counts as many, ending or beginning with today. “This week” is the whole week. What
 * comes at this very moment is no longer to come.
 */
export function instantsOf(window: DateWindow, { now, zone, locale }: WindowPlace): InstantRange {
  const here = DateTime.fromMillis(now, { zone })
  const today = here.startOf('day')
  switch (window.is) {
    case 'between':
      return {
        from: window.from === null ? null : startOf(window.from, zone),
        before: window.to === null ? null : startOf(window.to, zone, 1),
      }
    case 'last':
      return {
        from: firstInstantOf(today.minus({ [window.unit]: window.count }).plus({ day: 1 })),
        before: now + 1,
      }
    case 'next':
      return { from: now + 1, before: firstInstantOf(today.plus({ [window.unit]: window.count })) }
    case 'this': {
      const from = window.unit === 'week' ? startOfWeek(today, locale) : today.startOf(window.unit)
      return { from: firstInstantOf(from), before: firstInstantOf(from.plus({ [window.unit]: 1 })) }
    }
    case 'upcoming':
      return { from: now + 1, before: null }
    case 'past':
      return { from: null, before: now + 1 }
  }
}

/**
 * The calendar days that a window holds, as midnights UTC (epoch milliseconds), for values that are
 * days and have no time: today counts to “last”, to “next” and to “upcoming”; the past ends yesterday.
 */
export function daysOf(window: DateWindow, place: WindowPlace): InstantRange {
  const { from, before } = instantsOf(window, place)
  const today = civilDayOf(place.now, place.zone)
  const dayMs = 86_400_000
  if (window.is === 'upcoming') return { from: today, before: null }
  if (window.is === 'past') return { from: null, before: today }
  return {
    from: window.is === 'next' ? today : from === null ? null : civilDayOf(from, place.zone),
    before: window.is === 'last' ? today + dayMs : before === null ? null : civilDayOf(before, place.zone),
  }
}

/** Whether what the window holds depends on the clock. */
export function moves(window: DateWindow): boolean {
  return window.is !== 'between'
}

/** The first instant of the day after that of `now` in `zone`. */
export function nextMidnight(now: number, zone: string): number {
  return startOfDayBefore(now, -1, zone)
}

function startOf(day: string, zone: string, later = 0): number {
  return firstInstantOf(DateTime.fromISO(day, { zone }).plus({ day: later }))
}

function startOfWeek(today: DateTime, locale: string): DateTime {
  return today.minus({ day: (today.weekday - firstDayOfWeek(locale) + 7) % 7 })
}

/**
 * 1 (Monday) to 7 (Sunday): the day on which weeks begin where the language is spoken (CLDR,
 * through Intl).
 */
export function firstDayOfWeek(locale: string): number {
  const known = new Intl.Locale(locale) as Intl.Locale & {
    readonly weekInfo?: { readonly firstDay: number }
    getWeekInfo?: () => { readonly firstDay: number }
  }
  return known.getWeekInfo?.().firstDay ?? known.weekInfo?.firstDay ?? 1
}
