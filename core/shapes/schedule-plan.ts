import { DateTime } from 'luxon'
import type { CardEntry } from '../cards/card-entry'
import type { EntryTrack } from '../content/track'
import { dateFormat } from '../formats/formatters'
import { lanesOf } from '../time/lanes'
import { lengthText } from '../time/length-text'
import { datedOf } from './dated'
import type { ClockSettings, Dated } from './dated'
import type { ArrangedAt } from './define'
import { timeAxis } from './time-axis'
import type { TimeAxis } from './time-axis'

/** What a schedule goes by. */
export interface PlanSettings extends ClockSettings {
  /** What an hour takes down the page, in CSS pixels. */
  readonly hour: number
  /** Whether hours in which nothing happens are cut short. */
  readonly breaks: boolean
}

/** Between two lines of a grid, counted from 1 as CSS does; the second one not included. */
export interface Between {
  readonly from: number
  readonly to: number
}

/** Something on a day: which card, and when, in words. */
export interface ScheduleItem {
  /** Its place among what was given. */
  readonly at: number
  /** `10:00–11:30`; empty for whole days. */
  readonly time: string
  /** When it begins and ends, as machines read it (HTML, 4.5.14). */
  readonly from: string
  readonly until: string
  /** The room or line that it is in; null for none of its own. */
  readonly track: string | null
  readonly isCancelled: boolean
}

/** Something in the grid of a day's hours. */
export interface PlacedItem extends ScheduleItem {
  readonly rows: Between
  readonly columns: Between
}

/**
 * A day as a grid of CSS: rows for the stretches between all that begins or ends and the full hours,
 * columns for the tracks, each with as many lanes as there are things at once at most.
 */
export interface ScheduleDay {
  /** `2026-12-05`. */
  readonly date: string
  readonly name: string
  /** The same in a few letters. */
  readonly short: string
  readonly tracks: readonly (Between & { readonly name: string | null; readonly lanes: number })[]
  /** How long each row is at least, in CSS pixels. */
  readonly rows: readonly number[]
  readonly hours: readonly { readonly row: number; readonly text: string }[]
  /** Rows that stand for more hours than they show, in words. */
  readonly breaks: readonly { readonly row: number; readonly text: string }[]
  readonly items: readonly PlacedItem[]
  /** What takes whole days, or more than one. */
  readonly whole: readonly ScheduleItem[]
  /** The moments between rows, in epoch milliseconds; none where the clocks of a day differ. */
  readonly moments: readonly number[]
  /** When the day is over, by the last of its clocks, in epoch milliseconds. */
  readonly until: number
}

export interface Schedule {
  readonly days: readonly ScheduleDay[]
}

const minuteMs = 60_000
const hourMs = 60 * minuteMs
const dayMs = 24 * hourMs
/** What has no length takes so long. */
const momentMs = 15 * minuteMs
/** Hours with nothing are cut short from so many on, and take so many CSS pixels then. */
const longBreak = 2 * hourMs
const breakLength = 40

/** Something given, with the day that it begins on. */
interface Given {
  readonly at: number
  readonly startsAt: number
  readonly endsAt: number
  /** First and last day, `2026-12-05`. */
  readonly first: string
  readonly last: string
  readonly isWhole: boolean
  /** When it is, whichever clock it is laid out by. */
  readonly instants: Dated
  readonly track: EntryTrack | null
  readonly isCancelled: boolean
}

/** Lays what happens out by days, and each day by hours and tracks; a day without anything is left out. */
export function schedulePlan(
  settings: PlanSettings,
  entries: readonly CardEntry[],
  arranged: ArrangedAt,
): Schedule {
  const axis = timeAxis(entries, settings.clock, arranged)
  const place = { ...arranged, zone: axis.zone }
  const given = entries
    .map((entry, at) => givenOf(entry, at, axis))
    .toSorted((a, b) => a.startsAt - b.startsAt || a.at - b.at)
  const dates = [...new Set(given.map(({ first }) => first))].toSorted()
  return { days: dates.map((date) => dayPlan(settings, date, given, place)) }
}

function givenOf(entry: CardEntry, at: number, axis: TimeAxis): Given {
  const { startsAt, endsAt, isWholeDays } = axis.at(entry)
  const isWhole = isWholeDays || endsAt - startsAt >= dayMs
  return {
    at,
    startsAt,
    endsAt: isWhole ? endsAt : Math.max(endsAt, startsAt + momentMs),
    first: dateIn(startsAt, axis),
    last: dateIn(isWhole ? Math.max(startsAt, endsAt - 1) : startsAt, axis),
    isWhole,
    instants: datedOf(entry),
    track: entry.track,
    isCancelled: entry.occurrence?.isCancelled ?? false,
  }
}

function dayPlan(
  settings: PlanSettings,
  date: string,
  given: readonly Given[],
  place: ArrangedAt,
): ScheduleDay {
  const timed = given.filter((one) => !one.isWhole && one.first === date)
  // How far the clocks of what is on that day are ahead of the one that it is laid out by.
  const apart = [...new Set(timed.map(({ startsAt, instants }) => startsAt - instants.startsAt))]
  const lines = timeLines(settings, timed, place)
  const tracks = tracksOf(timed, place.locale)
  const day = DateTime.fromISO(date, { zone: place.zone })
  const named = (options: Intl.DateTimeFormatOptions) =>
    dateFormat(place.locale, { ...options, timeZone: place.zone }).format(day.set({ hour: 12 }).toMillis())
  return {
    date,
    name: named({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }),
    short: named({ weekday: 'short', day: 'numeric', month: 'short' }),
    tracks: tracks.map(({ name, from, to, lanes }) => ({ name, from, to, lanes })),
    rows: lines.rows,
    hours: lines.hours,
    breaks: lines.breaks,
    items: timed.map((one) => ({
      ...itemOf(one, place),
      rows: { from: lines.at(one.startsAt), to: lines.at(one.endsAt) },
      columns: columnsOf(one, tracks),
    })),
    whole: given
      .filter((one) => one.isWhole && one.first <= date && one.last >= date)
      .map((one) => itemOf(one, place)),
    moments: apart.length > 1 ? [] : lines.moments.map((moment) => moment - (apart[0] ?? 0)),
    until: day.plus({ days: 1 }).toMillis() - Math.min(...(apart.length > 0 ? apart : [0])),
  }
}

function itemOf(
  { at, startsAt, endsAt, isWhole, instants, track, isCancelled }: Given,
  place: ArrangedAt,
): ScheduleItem {
  const { zone, locale } = place
  const time = dateFormat(locale, { hour: '2-digit', minute: '2-digit', timeZone: zone })
  const machine = (moment: number, instant: number) =>
    (isWhole ? dateIn(moment, place) : DateTime.fromMillis(instant, { zone: 'UTC' }).toISO()) ?? ''
  return {
    at,
    time: isWhole ? '' : time.formatRange(startsAt, endsAt),
    from: machine(startsAt, instants.startsAt),
    until: machine(
      Math.max(startsAt, endsAt - 1),
      // What has no length takes a while here.
      instants.startsAt + Math.max(endsAt - startsAt, instants.endsAt - instants.startsAt),
    ),
    track: track?.name ?? null,
    isCancelled,
  }
}

/** A track with its columns, and which of them each of what is given takes, by its place. */
interface LaidTrack extends Between {
  readonly name: string | null
  readonly lanes: number
  readonly columnsOf: ReadonlyMap<number, Between>
}

/**
 * The tracks of a day, as their field has them and by name. What is in none lies across all of them, as
 * a break does, unless it is at the same time as something else: then that has a track without a name.
 */
function tracksOf(timed: readonly Given[], locale: string): readonly LaidTrack[] {
  const tracks = new Map(timed.flatMap(({ track }) => (track === null ? [] : [[track.name, track.position]])))
  const names = [...tracks]
    .toSorted(([a, first], [b, second]) => first - second || a.localeCompare(b, locale))
    .map(([name]) => name)
  const outside = timed.filter((one) => one.track === null && !(names.length > 0 && isAlone(one, timed)))
  const members = [
    ...names.map((name) => ({ name, own: timed.filter((one) => one.track?.name === name) })),
    ...(outside.length > 0 ? [{ name: null, own: outside }] : []),
  ]
  let column = 1
  return members.map(({ name, own }) => {
    const placed = spread(own)
    const lanes = Math.max(1, ...placed.map(({ to }) => to))
    const from = column
    column += lanes
    return {
      name,
      lanes,
      from,
      to: column,
      columnsOf: new Map(
        placed.map((one, index) => [own[index]?.at ?? 0, { from: from + one.from, to: from + one.to }]),
      ),
    }
  })
}

/** The lanes that each takes, from 0: its own, and those after it in which nothing else goes on then. */
function spread(own: readonly Given[]): readonly Between[] {
  const lanes = lanesOf(own)
  const count = Math.max(1, ...lanes.map((lane) => lane + 1))
  return own.map((one, at) => {
    const from = lanes[at] ?? 0
    const met = own.flatMap((other, index) => {
      const lane = lanes[index] ?? 0
      return lane > from && isTogether(one, other) ? [lane] : []
    })
    return { from, to: Math.min(count, ...met) }
  })
}

/** Whether nothing else goes on during something. */
function isAlone(one: Given, timed: readonly Given[]): boolean {
  return timed.every((other) => other === one || !isTogether(one, other))
}

function isTogether(one: Given, other: Given): boolean {
  return other.endsAt > one.startsAt && other.startsAt < one.endsAt
}

/** What is in no track lies across all of them. */
function columnsOf({ at }: Given, tracks: readonly LaidTrack[]): Between {
  const own = tracks.flatMap((track) => track.columnsOf.get(at) ?? [])[0]
  return own ?? { from: 1, to: Math.max(2, ...tracks.map(({ to }) => to)) }
}

interface TimeLines extends Pick<ScheduleDay, 'rows' | 'hours' | 'breaks' | 'moments'> {
  /** The line of the grid at a moment that is one. */
  readonly at: (instant: number) => number
}

/** The rows of a day: from one moment at which something begins, ends or an hour is full to the next. */
function timeLines({ hour, breaks }: PlanSettings, timed: readonly Given[], place: ArrangedAt): TimeLines {
  const edges = timed.flatMap(({ startsAt, endsAt }) => [startsAt, endsAt])
  if (edges.length === 0) return { rows: [], hours: [], breaks: [], moments: [], at: () => 1 }
  const hours = fullHours(Math.min(...edges), Math.max(...edges), place.zone)
  const cuts = breaks ? emptyStretches(timed).filter(({ from, to }) => to - from >= longBreak) : []
  const isCut = (instant: number) => cuts.some(({ from, to }) => instant > from && instant < to)
  const moments = [...new Set([...edges, ...hours.filter((one) => !isCut(one))])].toSorted((a, b) => a - b)
  const rowFrom = (instant: number) => moments.indexOf(instant) + 1
  const stretches = moments.slice(1).map((to, at) => ({ from: moments[at] ?? to, to }))
  const cutFrom = new Set(cuts.map(({ from }) => from))
  const time = dateFormat(place.locale, { hour: '2-digit', minute: '2-digit', timeZone: place.zone })
  return {
    rows: stretches.map(({ from, to }) => (cutFrom.has(from) ? breakLength : ((to - from) / hourMs) * hour)),
    hours: hours
      .filter((one) => moments.includes(one))
      .map((one) => ({ row: rowFrom(one), text: time.format(one) })),
    breaks: cuts.map(({ from, to }) => ({ row: rowFrom(from), text: lengthText(to - from, place.locale) })),
    moments,
    at: rowFrom,
  }
}

/** The full hours of the clock from the one before a moment to the one after another. */
function fullHours(from: number, to: number, zone: string): readonly number[] {
  const hours: number[] = []
  let hour = DateTime.fromMillis(from, { zone }).startOf('hour')
  while (hour.toMillis() < to) {
    hours.push(hour.toMillis())
    hour = hour.plus({ hours: 1 })
  }
  return [...hours, hour.toMillis()]
}

/** The stretches between things in which nothing goes on. */
function emptyStretches(timed: readonly Given[]): readonly { readonly from: number; readonly to: number }[] {
  let end = -Infinity
  return timed.flatMap(({ startsAt, endsAt }) => {
    const before = end
    end = Math.max(end, endsAt)
    return before !== -Infinity && startsAt > before ? [{ from: before, to: startsAt }] : []
  })
}

function dateIn(instant: number, { zone }: Pick<ArrangedAt, 'zone'>): string {
  return DateTime.fromMillis(instant, { zone }).toISODate() ?? ''
}
