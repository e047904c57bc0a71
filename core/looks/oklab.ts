import { linear } from './colour'
import type { Colour } from './colour'

/** A colour of OKLab: lightness 0 to 1, then green to red and blue to yellow. */
export interface Lab {
  readonly lightness: number
  readonly a: number
  readonly b: number
}

/** OKLab of an opaque colour (Ottosson 2020, “A perceptual color space for image processing”). */
export function labOf(colour: Colour): Lab {
  const [red, green, blue] = [linear(colour.red), linear(colour.green), linear(colour.blue)]
  const long = Math.cbrt(0.4122214708 * red + 0.5363325363 * green + 0.0514459929 * blue)
  const middle = Math.cbrt(0.2119034982 * red + 0.6806995451 * green + 0.1073969566 * blue)
  const short = Math.cbrt(0.0883024619 * red + 0.2817188376 * green + 0.6299787005 * blue)
  return {
    lightness: 0.2104542553 * long + 0.793617785 * middle - 0.0040720468 * short,
    a: 1.9779984951 * long - 2.428592205 * middle + 0.4505937099 * short,
    b: 0.0259040371 * long + 0.7827717662 * middle - 0.808675766 * short,
  }
}

/** The channels of an OKLab colour, beyond 0 to 1 where sRGB has none (the same source). */
export function channelsOf({ lightness, a, b }: Lab): readonly number[] {
  const long = (lightness + 0.3963377774 * a + 0.2158037573 * b) ** 3
  const middle = (lightness - 0.1055613458 * a - 0.0638541728 * b) ** 3
  const short = (lightness - 0.0894841775 * a - 1.291485548 * b) ** 3
  return [
    4.0767416621 * long - 3.3077115913 * middle + 0.2309699292 * short,
    -1.2684380046 * long + 2.6097574011 * middle - 0.3413193965 * short,
    -0.0041960863 * long - 0.7034186147 * middle + 1.707614701 * short,
  ].map(encoded)
}

/** How far apart two colours look (CSS Color 4, 20.2, deltaEOK). */
export function distance(one: Lab, other: Lab): number {
  return Math.hypot(one.lightness - other.lightness, one.a - other.a, one.b - other.b)
}

/** Light as a channel, the other way round. */
export function encoded(light: number): number {
  return light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055
}
