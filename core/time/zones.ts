import { DateTime, IANAZone } from 'luxon'

const dayMs = 86_400_000
const minuteMs = 60_000

/** Whether `zone` is an IANA time zone that this platform knows. */
export function isZone(zone: string): boolean {
  return IANAZone.isValidZone(zone)
}

/**
 * The first instant (epoch milliseconds) of a calendar day: not midnight where clocks skip it, and the
 * first midnight where it comes twice.
 */
export function firstInstantOf(day: DateTime): number {
  return instantOfWall(civilDate(day), day.zoneName ?? 'UTC')
}

/**
 * The first instant (epoch milliseconds) of the calendar day that lies `days` days before the day
 * of `now` in `zone`; after it for a number below 0. Counts calendar days, so a day of 23 or 25 hours is
 * one day.
 */
export function startOfDayBefore(now: number, days: number, zone: string): number {
  const today = Math.floor(wallOf(now, zone) / dayMs)
  return instantOfWall((today - days) * dayMs, zone)
}

/** The calendar day of an instant in `zone`, as its midnight UTC (epoch milliseconds). */
export function civilDayOf(instant: number, zone: string): number {
  return civilDate(DateTime.fromMillis(instant, { zone }))
}

function civilDate({ year, month, day }: DateTime): number {
  const date = new Date(0)
  date.setUTCFullYear(year, month - 1, day)
  return date.getTime()
}

/** What the wall clock of `zone` shows at an instant, as if it were UTC, in epoch milliseconds. */
export function wallOf(instant: number, zone: string): number {
  return instant + offsetAt(instant, zone)
}

/**
 * The instant at which the wall clock of `zone` shows `wall`, given as if it were UTC; both in epoch
 * milliseconds. A time that a clock change skips is read by the clock as it was before the change; of
 * a time that comes twice, the first is meant (RFC 5545, 3.3.5).
 */
export function instantOfWall(wall: number, zone: string): number {
  // No zone is further from UTC than a day, and no two changes of a clock lie within two.
  const [before, after] = [offsetAt(wall - dayMs, zone), offsetAt(wall + dayMs, zone)]
  const first = wall - before
  if (before === after || offsetAt(first, zone) === before) return first
  const second = wall - after
  return offsetAt(second, zone) === after ? second : first
}

/**
 * For each zone, by how much its clock is ahead of UTC in a stretch of six days, or that this changes
 * within: since 1970 no clock has changed twice in less than seven (IANA time zone database; Recife’s did
 * so in October 2000).
 */
const offsets = new Map<string, Map<number, number | null>>()
const stretchMs = 6 * dayMs
/** So many stretches of so many zones are remembered: some megabytes at most. */
const mostStretches = 2000
const mostZones = 50

/** By how much the clock of `zone` is ahead of UTC, in milliseconds. */
function offsetAt(instant: number, zone: string): number {
  if (instant < 0) return lookedUp(instant, zone)
  const known = knownOffsets(zone)
  const stretch = Math.floor(instant / stretchMs)
  let offset = known.get(stretch)
  if (offset === undefined) {
    const [first, last] = [stretch, stretch + 1].map((at) => lookedUp(at * stretchMs, zone))
    offset = first !== undefined && first === last ? first : null
    known.set(stretch, offset)
  }
  return offset ?? lookedUp(instant, zone)
}

/** A change of clocks: when, and by how many milliseconds the clock is ahead of UTC before and after it. */
export interface ClockChange {
  readonly at: number
  readonly before: number
  readonly after: number
}

/**
 * Each change of the clock of `zone` from one instant to another (epoch milliseconds), to the second. Two
 * within six days, as there were before 1970, may be taken for one.
 */
export function clockChanges(zone: string, from: number, to: number): readonly ClockChange[] {
  const changes: ClockChange[] = []
  let before = offsetAt(from, zone)
  for (let at = from; at < to; at += stretchMs) {
    const after = offsetAt(at + stretchMs, zone)
    if (before === after) continue
    let [low, high] = [at, at + stretchMs]
    while (high - low > 1000) {
      const middle = Math.floor((low + high) / 2000) * 1000
      if (offsetAt(middle, zone) === before) low = middle
      else high = middle
    }
    if (high < to) changes.push({ at: high, before, after })
    before = after
  }
  return changes
}

function knownOffsets(zone: string): Map<number, number | null> {
  const known = offsets.get(zone)
  if (known !== undefined && known.size < mostStretches) return known
  if (offsets.size >= mostZones) offsets.clear()
  const fresh = new Map<number, number | null>()
  offsets.set(zone, fresh)
  return fresh
}

function lookedUp(instant: number, zone: string): number {
  // Luxon gives minutes, in which a second may be a fraction.
  return Math.round(IANAZone.create(zone).offset(instant) * minuteMs)
}

/** An instant as the wall clock of `zone` shows it, `2026-11-24T09:30`: what date fields edit. */
export function toWallClock(instant: number, zone: string): string {
  return DateTime.fromMillis(instant, { zone }).toFormat("yyyy-MM-dd'T'HH:mm")
}

/**
 * The instant (epoch milliseconds) at which the wall clock of `zone` shows `text`, or null when
 * `text` is no date and time. A time skipped by a clock change is moved forward; of a time that
 * comes twice, the first is meant (as Temporal's disambiguation “compatible”).
 */
export function fromWallClock(text: string, zone: string): number | null {
  const read = DateTime.fromFormat(text, "yyyy-MM-dd'T'HH:mm", { zone })
  if (!read.isValid) return null
  const hourBefore = read.minus({ hours: 1 })
  const twice = hourBefore.toFormat("yyyy-MM-dd'T'HH:mm") === text
  return (twice ? hourBefore : read).toMillis()
}

/**
 * The instants of a calendar month (1 to 12) in a zone: `from` is part of it, `before` is not. Epoch
 * milliseconds.
 */
export function monthInstants(
  year: number,
  month: number,
  zone: string,
): { readonly from: number | null; readonly before: number | null } {
  const start = (ofYear: number, ofMonth: number) =>
    fromWallClock(`${String(ofYear).padStart(4, '0')}-${String(ofMonth).padStart(2, '0')}-01T00:00`, zone)
  return {
    from: start(year, month),
    before: month === 12 ? start(year + 1, 1) : start(year, month + 1),
  }
}
