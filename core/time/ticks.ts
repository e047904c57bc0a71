import { DateTime } from 'luxon'
import { instantOfWall, wallOf } from './zones'

const minuteMs = 60_000
const hourMs = 60 * minuteMs
const dayMs = 24 * hourMs
const yearMs = 365.2425 * dayMs
const monthMs = yearMs / 12

export type TickUnit = 'year' | 'month' | 'day' | 'hour' | 'minute'

/** Marks along a stretch of time, so many units apart. */
export interface TickStep {
  readonly unit: TickUnit
  readonly count: number
}

/**
 * A nice number near a positive one: 1, 2, 5 or 10 times a power of ten; the nearest where it is
 * rounded, else the next above (P. Heckbert, Nice numbers for graph labels, Graphics Gems, 1990).
 */
export function niceNumber(number: number, rounded: boolean): number {
  const power = 10 ** Math.floor(Math.log10(number))
  const part = number / power
  const edges = rounded ? [1.5, 3, 7] : [1, 2, 5]
  const at = edges.findIndex((edge) => (rounded ? part < edge : part <= edge))
  return ([1, 2, 5][at] ?? 10) * power
}

/** What calendars and clocks divide a year by, widest first. */
const steps: readonly (TickStep & { readonly length: number })[] = [
  ...([6, 3, 1] as const).map((count) => ({ unit: 'month' as const, count, length: count * monthMs })),
  ...([14, 7, 1] as const).map((count) => ({ unit: 'day' as const, count, length: count * dayMs })),
  ...([12, 6, 3, 1] as const).map((count) => ({ unit: 'hour' as const, count, length: count * hourMs })),
  ...([30, 15, 5, 1] as const).map((count) => ({
    unit: 'minute' as const,
    count,
    length: count * minuteMs,
  })),
]

/**
 * How far apart marks are along so many milliseconds, about `wanted` (2 or more) of them: nice numbers
 * of years, and below a year what calendars and clocks divide it by, the nearest by ratio.
 */
export function tickStep(length: number, wanted: number): TickStep {
  const each = Math.max(length / (wanted - 1), minuteMs)
  const years = niceNumber(each / yearMs, true)
  if (years >= 1) return { unit: 'year', count: years }
  const far = (step: { readonly length: number }) => Math.abs(Math.log(step.length / each))
  const wholeYear = { unit: 'year', count: 1, length: yearMs } as const
  const { unit, count } = steps.reduce<TickStep & { readonly length: number }>(
    (best, step) => (far(step) < far(best) ? step : best),
    wholeYear,
  )
  return { unit, count }
}

/**
 * The instants from one to another, both included, at which marks stand: at full years, months, days
 * and hours by the clock of the zone. At most `most` of them.
 */
export function ticksBetween(
  from: number,
  to: number,
  { unit, count }: TickStep,
  zone: string,
  most = 200,
): readonly number[] {
  const ticks: number[] = []
  for (let at = firstTick(from, { unit, count }, zone); ticks.length < most; at = at.plus(count)) {
    const instant = at.instant()
    if (instant > to) break
    if (instant >= from && instant > (ticks.at(-1) ?? -Infinity)) ticks.push(instant)
  }
  return ticks
}

interface TickAt {
  readonly instant: () => number
  readonly plus: (count: number) => TickAt
}

/** The last full step at `from` or before it. */
function firstTick(from: number, { unit, count }: TickStep, zone: string): TickAt {
  const wall = wallOf(from, zone)
  switch (unit) {
    case 'year':
    case 'month': {
      const { year, month } = DateTime.fromMillis(wall, { zone: 'utc' })
      const size = unit === 'year' ? 12 * count : count
      return monthTick(Math.floor((year * 12 + month - 1) / size) * size, unit === 'year' ? 12 : 1, zone)
    }
    case 'day':
      // Weeks begin on Mondays (ISO 8601); the first of January 1970 was a Thursday.
      return wallTick(stepBelow(wall, count, dayMs, count % 7 === 0 ? 4 * dayMs : 0), dayMs, zone)
    case 'hour':
      return wallTick(stepBelow(wall, count, hourMs), hourMs, zone)
    case 'minute':
      return wallTick(stepBelow(wall, count, minuteMs), minuteMs, zone)
  }
}

function stepBelow(wall: number, count: number, unit: number, from = 0): number {
  return Math.floor((wall - from) / (count * unit)) * count * unit + from
}

function monthTick(month: number, unit: number, zone: string): TickAt {
  return {
    instant: () => {
      const first = DateTime.fromObject(
        { year: Math.floor(month / 12), month: (((month % 12) + 12) % 12) + 1 },
        { zone: 'utc' },
      )
      return instantOfWall(first.toMillis(), zone)
    },
    plus: (count) => monthTick(month + count * unit, unit, zone),
  }
}

function wallTick(wall: number, unit: number, zone: string): TickAt {
  return {
    instant: () => instantOfWall(wall, zone),
    plus: (count) => wallTick(wall + count * unit, unit, zone),
  }
}
