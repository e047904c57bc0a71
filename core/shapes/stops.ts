import { array, number, object } from 'yup'
import type { ObjectShape } from 'yup'
import { fromWidth } from '../style/rules'
import type { Style, StyleRule } from '../style/rules'

/** A width of the listing's own box, in CSS pixels, from which other settings hold. */
export interface Stop {
  /** 0 to 4,000; the first stop is at 0 and each next one is wider. */
  readonly from: number
}

/** Settings that change with the width of the listing's box. */
export interface ByStop<S extends Stop> {
  readonly stops: readonly S[]
}

export const mostStops = 6
export const widestStop = 4000
/** Stops closer together than this could not be told apart on the ruler. */
export const leastStopDistance = 40

/** Checks a list of stops, which may be left out; each with these fields besides its width. */
export function stopsSchema(fields: ObjectShape) {
  const from = number().integer().min(0).max(widestStop, 'A stop lies at 4,000 pixels at most.').required()
  return array(
    object({ from, ...fields })
      .noUnknown()
      .required(),
  )
    .min(1, 'There is at least one stop.')
    .max(mostStops, 'There are at most 6 stops.')
    .test('rising', 'The first stop is at 0, and each next one is wider than the one before.', (stops) =>
      (stops ?? []).every((stop: Stop, at, all: readonly Stop[]) =>
        at === 0 ? stop.from === 0 : stop.from > (all[at - 1]?.from ?? 0),
      ),
    )
}

/** Checks a length in whole pixels. */
export function pixelsSchema(what: string, most: number) {
  return number()
    .typeError(`Say how many pixels the ${what} is.`)
    .integer(`The ${what} is a whole number of pixels.`)
    .min(0, `The ${what} is 0 pixels or more.`)
    .max(most, `The ${what} is at most ${most} pixels.`)
    .required()
}

/** The stop in force at a box width. Throws for no stops, which no schema lets through. */
export function stopAt<S extends Stop>(stops: readonly S[], width: number): S {
  const found = stops.findLast((stop) => stop.from <= width) ?? stops[0]
  if (found === undefined) throw new Error('A shape has at least one stop.')
  return found
}

/** The settings with one stop changed. */
export function withStop<S extends Stop, T extends ByStop<S>>(
  settings: T & ByStop<S>,
  at: number,
  change: Partial<S>,
): T {
  return {
    ...settings,
    stops: settings.stops.map((stop, index) => (index === at ? { ...stop, ...change } : stop)),
  }
}

/** The settings without one stop; the first stays. */
export function withoutStop<T extends ByStop<Stop>>(settings: T, at: number): T {
  return at === 0 ? settings : { ...settings, stops: settings.stops.toSpliced(at, 1) }
}

/** The settings as far as a box of this width has them; the first stop stays. */
export function withinWidth<T extends ByStop<Stop>>(settings: T, width: number): T {
  return { ...settings, stops: settings.stops.filter((stop, at) => at === 0 || stop.from <= width) }
}

/** Adds a stop halfway into the widest stretch that has room, or returns null when there is none. */
export function withAddedStop<T extends ByStop<Stop>>(settings: T, widest = 1200): T | null {
  if (settings.stops.length >= mostStops) return null
  const ends = [...settings.stops.slice(1).map((stop) => stop.from), widest]
  const stretches = settings.stops.map((stop, at) => ({ stop, room: (ends[at] ?? widest) - stop.from }))
  const roomiest = stretches.reduce((best, one) => (one.room > best.room ? one : best))
  if (roomiest.room < 2 * leastStopDistance) return null
  const added = { ...roomiest.stop, from: roomiest.stop.from + Math.round(roomiest.room / 2) }
  return { ...settings, stops: [...settings.stops, added].toSorted((a, b) => a.from - b.from) }
}

/** Between which widths a stop can lie. */
export function stopLimits(
  stops: readonly Stop[],
  at: number,
): { readonly least: number; readonly most: number } {
  return {
    least: (stops[at - 1]?.from ?? 0) + leastStopDistance,
    most: (stops[at + 1]?.from ?? widestStop + leastStopDistance) - leastStopDistance,
  }
}

/**
 * The settings with a stop moved to a box width; it stays between its neighbours, and the first
 * stays where it is.
 */
export function withMovedStop<T extends ByStop<Stop>>(settings: T, at: number, from: number): T {
  if (at === 0) return settings
  const { least, most } = stopLimits(settings.stops, at)
  return withStop<Stop, T>(settings, at, { from: Math.round(Math.min(Math.max(from, least), most)) })
}

/** Style rules by stop, each from its width of the listing's own box on. */
export function stopStyles<S extends Stop>(
  stops: readonly S[],
  rules: (stop: S) => readonly StyleRule[],
): readonly Style[] {
  return stops.flatMap((stop) => fromWidth(stop.from, rules(stop)))
}

/** What narrower widths get, widest first: “2 · 1”; null where nothing changes. */
export function narrower(values: readonly (string | number)[]): string | null {
  const fromWidest = values.toReversed()
  const differing = fromWidest.slice(1).filter((value, at) => value !== fromWidest[at])
  return differing.length > 0 ? differing.join(' · ') : null
}
