import type { Colour } from './colour'

/** A colour of a gradient, `at` in percent of its way. */
export interface ColourStop {
  readonly colour: Colour
  readonly at: number
}

/** A part of a box: from the left and from the top, each 0 to 1 of it. */
export interface BoxPart {
  readonly across: readonly [number, number]
  readonly down: readonly [number, number]
}

/**
 * The colours that a gradient has where it begins and ends in a part of a box, and those of its own between
 * (CSS Images 3, 3.1.1 and 3.4): exact straight across and straight up, elsewhere as if the box were square.
 */
export function gradientColours(
  angle: number,
  stated: readonly ColourStop[],
  { across, down }: BoxPart,
): readonly Colour[] {
  const stops = inTheirPlaces(stated)
  const way = across.flatMap((x) => down.map((y) => placeOnWay(angle, x, y)))
  const [from, to] = [Math.min(...way), Math.max(...way)]
  const between = stops.map(({ at }) => at / 100).filter((at) => at > from && at < to)
  return [from, ...between, to].map((at) => colourAlong(stops, at))
}

/** A colour that is said to lie before an earlier one lies where that does (CSS Images 3, 3.4.3). */
function inTheirPlaces(stops: readonly ColourStop[]): readonly ColourStop[] {
  return stops.map(({ colour }, place) => ({
    colour,
    at: Math.max(...stops.slice(0, place + 1).map(({ at }) => at)),
  }))
}

/** How far along the way of a gradient a point of a square box is; the way goes from corner to corner. */
function placeOnWay(angle: number, x: number, y: number): number {
  const turn = (angle * Math.PI) / 180
  const [right, up] = [Math.sin(turn), Math.cos(turn)]
  const length = Math.abs(right) + Math.abs(up)
  return ((x - 0.5) * right - (y - 0.5) * up) / length + 0.5
}

/** The colour at a place of the way, 0 to 1: mixed as far as each covers. */
function colourAlong(stops: readonly ColourStop[], place: number): Colour {
  const at = place * 100
  const after = stops.find((stop) => stop.at >= at) ?? stops.at(-1)
  const before = stops.findLast((stop) => stop.at <= at) ?? stops[0]
  if (after === undefined || before === undefined) return { red: 0, green: 0, blue: 0, alpha: 0 }
  const share = after.at === before.at ? 0 : (at - before.at) / (after.at - before.at)
  const mix = (one: number, other: number) => one + (other - one) * share
  const alpha = mix(before.colour.alpha, after.colour.alpha)
  const channel = (of: 'red' | 'green' | 'blue') =>
    alpha === 0
      ? 0
      : mix(before.colour[of] * before.colour.alpha, after.colour[of] * after.colour.alpha) / alpha
  return { red: channel('red'), green: channel('green'), blue: channel('blue'), alpha }
}
