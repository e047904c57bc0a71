import { DateTime } from 'luxon'
import type { FieldPlace } from '../content/fields/define'
import { dateFormat } from '../formats/formatters'
import { lanesOf } from '../time/lanes'
import { lengthText } from '../time/length-text'
import { tickStep, ticksBetween } from '../time/ticks'
import type { TickUnit } from '../time/ticks'
import type { ArrangedAt } from './define'
import type { Dated } from './dated'
import type { Track } from './track-sizes'

export const datesTold = ['nothing', 'year', 'month', 'day', 'time'] as const
export const lineHeadings = ['none', 'year', 'decade'] as const

/** What a line goes by. */
export interface LineSettings {
  readonly sides: 'one' | 'both'
  readonly spacing: 'even' | 'scale'
  /** Room for each on average, along the line, in CSS pixels. */
  readonly room: number
  /** Whether long stretches without anything are cut short. */
  readonly breaks: boolean
  readonly first: 'oldest' | 'newest'
  readonly headings: (typeof lineHeadings)[number]
  readonly tells: (typeof datesTold)[number]
  readonly now: boolean
}

/** One of what stands on the line: between these lines of the grid, on this side, told by these words. */
export interface LineItem {
  /** Its place among what was given. */
  readonly at: number
  readonly from: number
  /** Where the next one on its side begins. */
  readonly to: number
  /** Where the next one on any side begins. */
  readonly next: number
  readonly side: 'start' | 'end'
  readonly when: string
}

/** Something on the line itself, in words; at one line of the grid. */
export interface LineMark {
  readonly from: number
  readonly text: string
}

/**
 * A line of time as a grid of CSS: tracks along it, and what lies between which of its lines. Every
 * item begins at a line of its own. What an item needs beyond its part of the line makes the track
 * before the next one longer, so that nothing lies over anything.
 */
export interface TimeLine {
  readonly tracks: readonly Track[]
  readonly groups: readonly {
    /** Null for what stands under no heading. */
    readonly heading: (LineMark & { readonly to: number }) | null
    readonly items: readonly LineItem[]
  }[]
  readonly ticks: readonly LineMark[]
  readonly breaks: readonly (LineMark & { readonly to: number })[]
  readonly bars: readonly { readonly from: number; readonly to: number; readonly lane: number }[]
  /** The line of the present moment; null where that is not on the line. */
  readonly now: number | null
}

/** Between two that are evenly spaced, at least, and what a break takes; CSS pixels. */
export const evenGap = 36
export const breakLength = 64
/** From one mark on the line to the next, about, in CSS pixels. */
const tickRoom = 110
/** A stretch without anything is cut short from so many times the room for each. */
const longGap = 4

type LinePlace = Pick<ArrangedAt, 'locale' | 'zone' | 'now'>

/** What is met at a moment of the line. */
type Event =
  | { readonly at: number; readonly is: 'item'; readonly item: number; readonly heading: string | null }
  | { readonly at: number; readonly is: 'edge'; readonly item: number }
  | { readonly at: number; readonly is: 'tick'; readonly text: string }
  | { readonly at: number; readonly is: 'now' | 'cut' }

/** Lays out what is dated along a line; `now` is epoch milliseconds. */
export function timeLine(settings: LineSettings, given: readonly Dated[], place: LinePlace): TimeLine {
  if (given.length === 0) return { tracks: [], groups: [], ticks: [], breaks: [], bars: [], now: null }
  const scale = settings.spacing === 'scale' ? scaleOf(settings, given) : null
  const line = new LineMaker(scale)
  for (const event of eventsOf(settings, given, scale, place)) line.meet(event)
  const end = line.end()
  const items = line.items.map((one, index) => ({
    ...one,
    side: settings.sides === 'both' && index % 2 === 1 ? ('start' as const) : ('end' as const),
    when: whenText(given[one.at], settings.tells, place),
  }))
  const lined = items.map((one, index): LineItem & { readonly group: number } => {
    const closes = line.headings[one.group + 1]?.from ?? end
    const beside = items.slice(index + 1).find((other) => other.side === one.side)?.from ?? end
    return {
      ...one,
      to: Math.min(beside, closes),
      next: Math.min(items[index + 1]?.from ?? end, closes),
    }
  })
  return {
    tracks: line.tracks,
    groups: line.headings.map((heading, group) => ({
      heading: heading.text === null ? null : { ...heading, text: heading.text },
      items: lined.filter((one) => one.group === group).map(({ group: _, ...item }) => item),
    })),
    ticks: line.ticks,
    breaks: line.breaks.map(({ from, to, length }) => ({ from, to, text: lengthText(length, place.locale) })),
    bars: barsOf(given, line.edges),
    now: line.now,
  }
}

/** Bars for what takes a while, in as few lanes as can be. */
function barsOf(given: readonly Dated[], edges: LineMaker['edges']): TimeLine['bars'] {
  const spans = [...edges]
  const lanes = lanesOf(spans.map(([at]) => given[at] ?? { startsAt: 0, endsAt: 0 }))
  return spans.map(([, [from = 1, to = from]], index) => ({ from, to, lane: lanes[index] ?? 0 }))
}

/** Makes the tracks of a line as what stands on it is met. */
class LineMaker {
  readonly tracks: Track[] = []
  readonly items: { readonly at: number; readonly from: number; readonly group: number }[] = []
  readonly headings: { readonly from: number; readonly to: number; readonly text: string | null }[] = []
  readonly ticks: LineMark[] = []
  readonly breaks: { readonly from: number; readonly to: number; readonly length: number }[] = []
  /** By item: the lines between which its bar lies. */
  readonly edges = new Map<number, number[]>()
  now: number | null = null
  private at: number | null = null

  constructor(private readonly scale: Scale | null) {}

  meet(event: Event): void {
    this.goTo(event.at)
    switch (event.is) {
      case 'item':
        this.head(event.heading)
        this.add(event.item)
        break
      case 'edge':
        this.edges.set(event.item, [...(this.edges.get(event.item) ?? []), this.line()])
        break
      case 'tick':
        this.ticks.push({ from: this.line(), text: event.text })
        break
      case 'now':
        this.now = this.line()
        break
      case 'cut':
    }
  }

  /** Closes the line after what the last items need. */
  end(): number {
    this.tracks.push('auto')
    return this.line()
  }

  private line(): number {
    return this.tracks.length + 1
  }

  /** Goes on to a moment: a track as long as the time to it. */
  private goTo(at: number): void {
    const before = this.at
    this.at = at
    if (this.scale === null || before === null || at === before) return
    const [from, to] = [Math.min(before, at), Math.max(before, at)]
    const isCut = this.scale.gaps.some((gap) => gap.from === from && gap.to === to)
    this.tracks.push(isCut ? breakLength : rounded((to - from) * this.scale.perMs))
    if (isCut) this.breaks.push({ from: this.line() - 1, to: this.line(), length: to - from })
  }

  /** A heading across the line, in a track of its own, where it is not the one that holds already. */
  private head(text: string | null): void {
    const last = this.headings.at(-1)
    if (last !== undefined && last.text === text) return
    if (text !== null) this.tracks.push('auto', 'auto')
    const to = this.line()
    this.headings.push({ from: text === null ? to : to - 1, to, text })
  }

  /** The next item begins after what those before it need. */
  private add(at: number): void {
    if (this.scale === null && this.items.length > 0) this.tracks.push(evenGap)
    this.tracks.push('auto')
    this.items.push({ at, from: this.line(), group: this.headings.length - 1 })
  }
}

function rounded(length: number): number {
  return Math.round(length * 100) / 100
}

/** How long a millisecond is on a line, and which stretches are cut short. */
interface Scale {
  readonly perMs: number
  readonly gaps: readonly { readonly from: number; readonly to: number }[]
}

function scaleOf({ room, breaks }: LineSettings, given: readonly Dated[]): Scale {
  const length = given.length * room
  const busy = merged(given)
  const whole = Math.max(1, (busy.at(-1)?.endsAt ?? 0) - (busy[0]?.startsAt ?? 0))
  const between = busy.slice(1).map((one, at) => ({ from: busy[at]?.endsAt ?? 0, to: one.startsAt }))
  const gaps = breaks
    ? between.filter(({ from, to }) => ((to - from) * length) / whole > Math.max(longGap * room, breakLength))
    : []
  const told = Math.max(1, whole - gaps.reduce((sum, { from, to }) => sum + to - from, 0))
  return { perMs: length / told, gaps }
}

/** Stretches in which something is, in order, none touching another. */
function merged(given: readonly Dated[]): readonly { readonly startsAt: number; readonly endsAt: number }[] {
  const all: { startsAt: number; endsAt: number }[] = []
  for (const { startsAt, endsAt } of given.toSorted((a, b) => a.startsAt - b.startsAt)) {
    const last = all.at(-1)
    if (last !== undefined && startsAt <= last.endsAt) last.endsAt = Math.max(last.endsAt, endsAt)
    else all.push({ startsAt, endsAt: Math.max(startsAt, endsAt) })
  }
  return all
}

/** The places of what is given, in the order in which it stands on the line. */
function ordered(given: readonly Dated[], first: LineSettings['first']): readonly number[] {
  const direction = first === 'oldest' ? 1 : -1
  return given
    .map((one, at) => ({ one, at }))
    .toSorted((a, b) => direction * (a.one.startsAt - b.one.startsAt) || a.at - b.at)
    .map(({ at }) => at)
}

/** Everything along the line; of what is at one moment, items come last. */
function eventsOf(
  settings: LineSettings,
  given: readonly Dated[],
  scale: Scale | null,
  place: LinePlace,
): readonly Event[] {
  const items = ordered(given, settings.first).map((item): Event => {
    const at = given[item]?.startsAt ?? 0
    return { at, is: 'item', item, heading: headingOf(at, settings.headings, place) }
  })
  if (scale === null) return items
  const edges = given.flatMap((one, item): readonly Event[] =>
    isSpan(one) ? [one.startsAt, one.endsAt].map((at) => ({ at, is: 'edge', item })) : [],
  )
  const cuts = scale.gaps.flatMap(({ from, to }) => [from, to]).map((at): Event => ({ at, is: 'cut' }))
  const direction = settings.first === 'oldest' ? 1 : -1
  // Sorting is stable: at one moment they come as they stand here.
  return [...cuts, ...edges, ...marksOf(settings, given, scale, place), ...items].toSorted(
    (a, b) => direction * (a.at - b.at),
  )
}

/** The marks of the scale, and the present moment where it lies on the line. */
function marksOf(
  { room, now }: LineSettings,
  given: readonly Dated[],
  { gaps }: Scale,
  place: LinePlace,
): readonly Event[] {
  const from = Math.min(...given.map((one) => one.startsAt))
  const to = Math.max(...given.map((one) => one.endsAt))
  const isCut = (at: number) => gaps.some((gap) => at > gap.from && at < gap.to)
  const wanted = Math.max(2, Math.round((given.length * room) / tickRoom))
  const step = tickStep(Math.max(1, to - from), wanted)
  const ticks = ticksBetween(from, to, step, place.zone, 3 * wanted).map((at): Event => {
    return { at, is: 'tick', text: tickText(at, step.unit, place) }
  })
  const isOnLine = now && place.now >= from && place.now <= to
  return [...ticks, ...(isOnLine ? [{ at: place.now, is: 'now' } as const] : [])].filter(
    ({ at }) => !isCut(at),
  )
}

/** Whether it is drawn as a bar and not as a moment: what takes more than a day. */
function isSpan({ startsAt, endsAt, isWholeDays }: Dated): boolean {
  return endsAt - startsAt > (isWholeDays ? dayLong : 0)
}

/** A day of 25 hours is no longer than one. */
const dayLong = 26 * 3_600_000

function headingOf(
  at: number,
  headings: LineSettings['headings'],
  { locale, zone }: FieldPlace,
): string | null {
  if (headings === 'none') return null
  const { year } = DateTime.fromMillis(at, { zone })
  const first = headings === 'year' ? year : Math.floor(year / 10) * 10
  const midst = (of: number) => DateTime.fromObject({ year: of, month: 7 }, { zone: 'utc' }).toMillis()
  const last = headings === 'year' ? first : first + 9
  return dateFormat(locale, { year: 'numeric', timeZone: 'UTC' }).formatRange(midst(first), midst(last))
}

const told: Record<Exclude<LineSettings['tells'], 'nothing'>, Intl.DateTimeFormatOptions> = {
  year: { year: 'numeric' },
  month: { month: 'short', year: 'numeric' },
  day: { day: 'numeric', month: 'short', year: 'numeric' },
  time: { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' },
}

function whenText(
  one: Dated | undefined,
  tells: LineSettings['tells'],
  { locale, zone }: FieldPlace,
): string {
  if (one === undefined || tells === 'nothing') return ''
  const style = one.isWholeDays && tells === 'time' ? told.day : told[tells]
  const last = Math.max(one.startsAt, one.isWholeDays ? one.endsAt - 1 : one.endsAt)
  return dateFormat(locale, { ...style, timeZone: zone }).formatRange(one.startsAt, last)
}

const tickStyles: Record<TickUnit, Intl.DateTimeFormatOptions> = {
  year: { year: 'numeric' },
  month: { month: 'short', year: 'numeric' },
  day: { day: 'numeric', month: 'short' },
  hour: { hour: '2-digit', minute: '2-digit' },
  minute: { hour: '2-digit', minute: '2-digit' },
}

function tickText(at: number, unit: TickUnit, { locale, zone }: FieldPlace): string {
  return dateFormat(locale, { ...tickStyles[unit], timeZone: zone }).format(at)
}
