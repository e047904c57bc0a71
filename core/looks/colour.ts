/** A colour of sRGB: each channel 0 to 1, and how much of what lies below it it covers, 0 to 1. */
export interface Colour {
  readonly red: number
  readonly green: number
  readonly blue: number
  readonly alpha: number
}

/** Reads `#rgb`, `#rgba`, `#rrggbb` and `#rrggbbaa` (CSS Color 4, 5.2); null for any other text. */
export function readColour(text: string): Colour | null {
  if (!/^#(?:[\da-f]{3,4}|[\da-f]{6}|[\da-f]{8})$/i.test(text)) return null
  const digits = text.length < 6 ? text.slice(1).replace(/./g, '$&$&') : text.slice(1)
  const [red = 0, green = 0, blue = 0, alpha = 1] = (digits.match(/../g) ?? []).map(
    (pair) => parseInt(pair, 16) / 255,
  )
  return { red, green, blue, alpha }
}

/** A colour as `#rrggbb`, or as `#rrggbbaa` where something is seen through it. */
export function colourText({ red, green, blue, alpha }: Colour): string {
  const pairs = [red, green, blue, ...(alpha < 1 ? [alpha] : [])].map((channel) =>
    Math.round(channel * 255)
      .toString(16)
      .padStart(2, '0'),
  )
  return `#${pairs.join('')}`
}

/** One colour over another (Compositing and Blending 1, 5.1, simple alpha compositing). */
export function over(top: Colour, below: Colour): Colour {
  const alpha = top.alpha + below.alpha * (1 - top.alpha)
  const mixed = (one: number, other: number) =>
    alpha === 0 ? 0 : (one * top.alpha + other * below.alpha * (1 - top.alpha)) / alpha
  return {
    red: mixed(top.red, below.red),
    green: mixed(top.green, below.green),
    blue: mixed(top.blue, below.blue),
    alpha,
  }
}

/** Relative luminance of a colour that covers all below it, 0 to 1 (WCAG 2.2, its definition). */
export function luminanceOf({ red, green, blue }: Colour): number {
  return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue)
}

/** Contrast ratio of what is drawn with the ground that it lies on, 1 to 21 (WCAG 2.2, its definition). */
export function contrastOf(drawn: Colour, ground: Colour): number {
  const luminances = [luminanceOf(over(drawn, ground)), luminanceOf(ground)]
  const [darker, lighter] = [Math.min(...luminances), Math.max(...luminances)]
  return (lighter + 0.05) / (darker + 0.05)
}

/** A channel as light (CSS Color 4, 10.2, from sRGB to linear light). */
export function linear(channel: number): number {
  return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4
}
