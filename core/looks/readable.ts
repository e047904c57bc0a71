import { contrastOf } from './colour'
import type { Colour } from './colour'
import { channelsOf, distance, labOf } from './oklab'
import type { Lab } from './oklab'

/** How finely lighter and darker colours are tried. */
const steps = 200

/**
 * The colour nearest to `drawn` that has at least this contrast with each of the grounds: of its hue,
 * lighter or darker, as colourful where screens can show that, and opaque. Null where there is none.
 */
export function nearestReadable(drawn: Colour, grounds: readonly Colour[], ratio: number): Colour | null {
  const isReadable = (one: Colour) => grounds.every((ground) => contrastOf(one, ground) >= ratio)
  const opaque = { ...drawn, alpha: 1 }
  if (isReadable(opaque)) return opaque
  const given = labOf(drawn)
  const [nearest] = Array.from({ length: steps + 1 }, (_, step) => ofLightness(given, step / steps))
    .filter(isReadable)
    .map((colour) => ({ colour, away: distance(labOf(colour), given) }))
    .toSorted((one, other) => one.away - other.away)
  return nearest?.colour ?? null
}

/** A colour of this hue and lightness, as colourful as screens can show, in whole steps of its channels. */
function ofLightness({ a, b }: Lab, lightness: number): Colour {
  const shown = (share: number) => channelsOf({ lightness, a: a * share, b: b * share })
  const isShown = (share: number) => shown(share).every((channel) => channel > -1e-6 && channel < 1 + 1e-6)
  let [least, most] = [0, 1]
  if (isShown(1)) least = 1
  else
    for (let turn = 0; turn < 12; turn += 1) {
      const middle = (least + most) / 2
      if (isShown(middle)) least = middle
      else most = middle
    }
  const [red = 0, green = 0, blue = 0] = shown(least).map(
    (channel) => Math.round(Math.min(1, Math.max(0, channel)) * 255) / 255,
  )
  return { red, green, blue, alpha: 1 }
}
