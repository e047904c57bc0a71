import { DateTime } from 'luxon'
import type { CardEntry } from '../cards/card-entry'
import { dateFormat } from '../formats/formatters'
import { lanesOf } from '../time/lanes'
import { weekOf } from '../time/recurrence/days'
import { daysSeen, inView, presentTurn, readTurn, turnText, turnedBy, weekBegin } from './calendar-turn'
import type { CalendarView, Turn, TurnedBy } from './calendar-turn'
import { wallOf } from '../time/zones'
import { commonZone, datedOf } from './dated'
import type { ClockSettings } from './dated'
import type { ArrangedAt } from './define'
import { zoneTelling } from './time-axis'

const dayMs = 86_400_000

/** How many colours there are for terms; after the last comes the first. */
export const calendarColours = 8

export interface SheetSettings extends TurnedBy, ClockSettings {
  readonly weekNumbers: boolean
  /** So many are seen of a day in a month; the others unfold. */
  readonly most: number
}

/** Something on a sheet: which card, and in which colour, 1 and on; 0 for none of its own. */
export interface SheetItem {
  /** Its place among what was given. */
  readonly at: number
  readonly colour: number
  /** When it begins that day; empty where it takes the whole of it. */
  readonly time: string
  readonly isCancelled: boolean
}

/** What takes several days, as far as it lies in a week. */
export interface SheetBar extends SheetItem {
  /** On which day of the week it begins there, from 0, and for how many days it is there. */
  readonly day: number
  readonly days: number
  readonly lane: number
  /** Whether it goes on from the week before, and into the next. */
  readonly isBegun: boolean
  readonly goesOn: boolean
}

export interface SheetDay {
  /** `2026-12-03`. */
  readonly date: string
  readonly number: string
  /** “Thursday 3 December 2026”. */
  readonly name: string
  /** Whether it belongs to another month. */
  readonly isOutside: boolean
  readonly isToday: boolean
  /** Everything that happens on it, bars too. */
  readonly count: number
  readonly colours: readonly number[]
  readonly items: readonly SheetItem[]
  /** What unfolds. */
  readonly more: readonly SheetItem[]
}

export interface SheetWeek {
  /** By ISO 8601 where weeks begin on Monday, else counted in the same way. */
  readonly number: number
  readonly lanes: number
  readonly days: readonly SheetDay[]
  readonly bars: readonly SheetBar[]
}

/** Another part of a calendar: how its address says it, and how it is called. */
export interface SheetWay {
  readonly turn: string
  readonly name: string
}

/** One sheet of a calendar, ready to be shown. */
export interface CalendarSheet {
  readonly view: CalendarView
  /** “December 2026”. */
  readonly title: string
  /** Where nothing is on it: when the next thing is; null where something is, and where nothing comes. */
  readonly later: (SheetWay & { readonly when: string }) | null
  readonly before: SheetWay
  readonly after: SheetWay
  /** Null where today is on it. */
  readonly today: SheetWay | null
  readonly views: readonly (SheetWay & { readonly view: CalendarView; readonly isHere: boolean })[]
  /** Each leads to the sheet of that term alone, the one that holds to that of all. */
  readonly legend: readonly (SheetWay & { readonly colour: number; readonly isChosen: boolean })[]
  readonly weekdays: readonly { readonly short: string; readonly long: string }[]
  readonly weeks: readonly SheetWeek[]
  /** Days on which something begins, or that it goes on from before, each with what that is. */
  readonly list: readonly (Pick<SheetDay, 'date' | 'name' | 'isToday'> & {
    readonly items: readonly SheetItem[]
  })[]
}

/** A sheet being made. */
interface Making {
  readonly settings: SheetSettings
  readonly place: ArrangedAt
  readonly turn: Turn
  readonly placed: readonly Placed[]
  readonly today: string
}

/** What is given, by the days of its clock: midnights UTC, the last one included. */
interface Placed extends SheetItem {
  readonly first: number
  readonly last: number
  /** By its clock, as if that showed UTC. */
  readonly begins: number
}

/** What lies across days, in its lane. */
type Barred = Placed & { readonly lane: number }

/** The sheet that an address asks for (`place.turned`), with these entries on it. */
export function calendarSheet(
  settings: SheetSettings,
  entries: readonly CardEntry[],
  arranged: ArrangedAt,
): CalendarSheet {
  const place = { ...arranged, zone: commonZone(settings.clock, arranged) }
  const turn = readTurn(place.turned, settings, place)
  const present = presentTurn(settings, place)
  const making: Making = {
    settings,
    place,
    turn,
    placed: entries
      .map((entry, at) => placedOf(entry, at, zoneTelling(settings.clock, entry, place), place))
      .toSorted((a, b) => a.begins - b.begins || a.at - b.at),
    today: DateTime.fromMillis(place.now, { zone: place.zone }).toISODate() ?? '',
  }
  const way = (to: Turn): SheetWay => ({ turn: turnText(to), name: titleOf(to, place) })
  const isPresent =
    inView(turn, turn.view, settings, place).day === inView(present, turn.view, settings, place).day
  return {
    view: turn.view,
    title: titleOf(turn, place),
    later: laterWay(making),
    before: way(turnedBy(turn, -1)),
    after: way(turnedBy(turn, 1)),
    today: isPresent ? null : way(inView({ ...present, term: turn.term }, turn.view, settings, place)),
    views: settings.views.map((view) => ({
      ...way(inView(turn, view, settings, place)),
      view,
      isHere: view === turn.view,
    })),
    legend: place.terms.map(({ id, name }, at) => ({
      turn: turnText({ ...turn, term: id === turn.term ? null : id }),
      name,
      colour: colourAt(at),
      isChosen: id === turn.term,
    })),
    weekdays: weekdaysOf(making),
    weeks: turn.view === 'agenda' ? [] : weeksOf(making),
    list: listOf(making),
  }
}

/** The sheet with the next thing, where this one has none. */
function laterWay({ settings, place, turn, placed }: Making): CalendarSheet['later'] {
  const days = daysSeen(turn, settings, place).map(midnightOf)
  const [from = 0, to = 0] = [days[0], days.at(-1)]
  if (placed.some(({ first, last }) => last >= from && first <= to)) return null
  // What came along may be just past the sheet by its own clock.
  const next = placed.find(({ first }) => first > to)
  if (next === undefined && place.later === null) return null
  const at = next === undefined ? place : { ...place, zone: 'UTC' }
  const now = next?.begins ?? place.later ?? 0
  const way = inView({ ...presentTurn(settings, { ...at, now }), term: turn.term }, turn.view, settings, {
    ...at,
    now,
  })
  const style = { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' } as const
  return {
    turn: turnText(way),
    name: titleOf(way, place),
    when: dateFormat(place.locale, { ...style, timeZone: at.zone }).format(now),
  }
}

function placedOf(entry: CardEntry, at: number, zone: string, { locale, terms }: ArrangedAt): Placed {
  const { startsAt, endsAt, isWholeDays } = datedOf(entry)
  const first = dayOf(startsAt, zone)
  // Whole days end as the next one begins; what is over by the next morning is of one day.
  const last = endsAt - startsAt < dayMs && !isWholeDays ? first : dayOf(Math.max(startsAt, endsAt - 1), zone)
  const term = terms.findIndex(({ id }) => entry.within.includes(id))
  return {
    at,
    colour: term < 0 ? 0 : colourAt(term),
    time: isWholeDays
      ? ''
      : dateFormat(locale, { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(startsAt),
    isCancelled: entry.occurrence?.isCancelled ?? false,
    first,
    last,
    begins: wallOf(startsAt, zone),
  }
}

function colourAt(term: number): number {
  return (term % calendarColours) + 1
}

function dayOf(instant: number, zone: string): number {
  return midnightOf(DateTime.fromMillis(instant, { zone }))
}

function midnightOf({ year, month, day }: DateTime): number {
  return DateTime.utc(year, month, day).toMillis()
}

/** The bars of all that takes several days: a bar keeps its lane from week to week. */
function weeksOf(making: Making): readonly SheetWeek[] {
  const { settings, place, turn, placed } = making
  const long = placed.filter((one) => one.last > one.first)
  const lanes = lanesOf(long.map(({ first, last }) => ({ startsAt: first, endsAt: last + dayMs })))
  const barred = long.map((one, at) => ({ ...one, lane: lanes[at] ?? 0 }))
  const days = daysSeen(turn, settings, place)
  return Array.from({ length: days.length / 7 }, (_, week) =>
    weekOfSheet(making, days.slice(week * 7, week * 7 + 7), barred),
  )
}

function weekOfSheet(making: Making, days: readonly DateTime[], barred: readonly Barred[]): SheetWeek {
  const { settings, place, turn } = making
  const midnights = days.map(midnightOf)
  const [from = 0, to = 0] = [midnights[0], midnights.at(-1)]
  const room = turn.view === 'month' ? settings.most : Infinity
  const within = barred.filter((one) => one.first <= to && one.last >= from)
  const seen = within.filter(({ lane }) => lane < room)
  const lanes = Math.max(0, ...seen.map(({ lane }) => lane + 1))
  return {
    number: weekOf(from, (weekBegin(settings, place.locale) + 6) % 7).week,
    lanes,
    bars: seen.map((one) => barIn(one, from, to)),
    days: days.map((date) => dayOfSheet(making, date, within, { room, lanes })),
  }
}

/** The part of a bar that lies in a week, from its first midnight to its last. */
function barIn({ first, last, lane, ...item }: Barred, from: number, to: number): SheetBar {
  const day = Math.max(0, (first - from) / dayMs)
  return {
    ...itemOf(item),
    day,
    days: Math.min(6, (last - from) / dayMs) - day + 1,
    lane,
    isBegun: first < from,
    goesOn: last > to,
  }
}

/** A day with what is on it besides bars, of which so many lanes are seen; `room` is for both. */
function dayOfSheet(
  { place, turn, placed, today }: Making,
  date: DateTime,
  barred: readonly Barred[],
  { room, lanes }: { readonly room: number; readonly lanes: number },
): SheetDay {
  const midnight = midnightOf(date)
  const over = barred.filter((one) => one.first <= midnight && one.last >= midnight)
  const unseen = over
    .filter(({ lane }) => lane >= room)
    // What goes on from the day before begins at no time of this one.
    .map((one) => (one.first === midnight ? one : { ...one, time: '' }))
  const single = placed.filter((one) => one.first === midnight && one.last === midnight)
  const all = [...unseen, ...single].map(itemOf)
  // One more takes no more room than saying that there is one.
  const left = Math.max(0, room - lanes)
  const shown = all.length <= left + 1 ? all.length : left
  return {
    ...dayNamed(date, place),
    isOutside: turn.view === 'month' && date.toISODate()?.slice(0, 7) !== turn.day.slice(0, 7),
    isToday: date.toISODate() === today,
    count: over.length + single.length,
    colours: [...new Set([...over, ...single].map(({ colour }) => colour))],
    items: all.slice(0, shown),
    more: all.slice(shown),
  }
}

function itemOf({ at, colour, time, isCancelled }: SheetItem): SheetItem {
  return { at, colour, time, isCancelled }
}

function dayNamed(date: DateTime, { locale, zone }: ArrangedAt): Pick<SheetDay, 'date' | 'number' | 'name'> {
  const format = (options: Intl.DateTimeFormatOptions) =>
    dateFormat(locale, { ...options, timeZone: zone }).format(date.set({ hour: 12 }).toMillis())
  return {
    date: date.toISODate() ?? '',
    number: format({ day: 'numeric' }),
    name: format({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }),
  }
}

/** By day: what begins on it; on the first day that is seen, also what began before. */
function listOf({ settings, place, turn, placed, today }: Making): CalendarSheet['list'] {
  const days = daysSeen(turn.view === 'month' ? { ...turn, view: 'agenda' } : turn, settings, place)
  const first = days[0] === undefined ? 0 : midnightOf(days[0])
  return days.flatMap((date) => {
    const midnight = midnightOf(date)
    const items = placed
      .filter((one) => one.last >= midnight && Math.max(one.first, first) === midnight)
      .map(itemOf)
    const isToday = date.toISODate() === today
    return items.length === 0 ? [] : [{ ...dayNamed(date, place), isToday, items }]
  })
}

function weekdaysOf({ settings, place: { locale } }: Making): CalendarSheet['weekdays'] {
  return Array.from({ length: 7 }, (_, at) => {
    // The first of January 2024 was a Monday.
    const day = Date.UTC(2024, 0, weekBegin(settings, locale) + at)
    const format = (weekday: 'short' | 'long') => dateFormat(locale, { weekday, timeZone: 'UTC' }).format(day)
    return { short: format('short'), long: format('long') }
  })
}

function titleOf({ view, day }: Turn, { locale }: ArrangedAt): string {
  const first = DateTime.fromISO(day, { zone: 'utc' })
  const text = dateFormat(
    locale,
    view === 'week'
      ? { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }
      : { month: 'long', year: 'numeric', timeZone: 'UTC' },
  )
  return view === 'week'
    ? text.formatRange(first.toMillis(), first.plus({ days: 6 }).toMillis())
    : text.format(first.toMillis())
}
