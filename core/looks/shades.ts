import { luminanceOf } from './colour'
import type { Colour } from './colour'
import { encoded } from './oklab'

/** The greys that are as dark as the darkest area of a picture and as light as its lightest, 0 to 255. */
export interface Shades {
  readonly darkest: number
  readonly lightest: number
}

/** Of a picture that can’t be looked at: the worst that there may be for whatever lies on it. */
export const unknownShades: Shades = { darkest: 0, lightest: 255 }

/** The shades of pixels: red, green, blue and how far each covers, 0 to 255; what covers little is no shade. */
export function shadesIn(pixels: ArrayLike<number>): Shades {
  const channel = (at: number) => (pixels[at] ?? 0) / 255
  const luminances = Array.from({ length: Math.floor(pixels.length / 4) }, (_, at) => at * 4)
    .filter((at) => (pixels[at + 3] ?? 0) > 127)
    .map((at) => luminanceOf({ red: channel(at), green: channel(at + 1), blue: channel(at + 2), alpha: 1 }))
  if (luminances.length === 0) return unknownShades
  return { darkest: greyOf(Math.min(...luminances)), lightest: greyOf(Math.max(...luminances)) }
}

/** The darkest and the lightest of several. */
export function worstShades(all: readonly Shades[]): Shades {
  return {
    darkest: Math.min(...all.map(({ darkest }) => darkest)),
    lightest: Math.max(...all.map(({ lightest }) => lightest)),
  }
}

/** Both shades as colours. */
export function coloursOf({ darkest, lightest }: Shades): readonly Colour[] {
  return [darkest, lightest].map((grey) => {
    const channel = grey / 255
    return { red: channel, green: channel, blue: channel, alpha: 1 }
  })
}

/** The grey of a luminance. */
function greyOf(luminance: number): number {
  return Math.round(encoded(luminance) * 255)
}
