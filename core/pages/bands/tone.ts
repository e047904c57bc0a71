import type { BandBackground } from './definition'

/**
 * Relative luminance of a colour `#rrggbb`, 0 to 1 (WCAG 2.2, definition of relative luminance).
 */
export function luminanceOf(colour: string): number {
  const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => {
    const channel = parseInt(colour.slice(at, at + 2), 16) / 255
    return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}

/** Contrast ratio of two colours, 1 to 21 (WCAG 2.2, definition of contrast ratio). */
export function contrastOf(one: string, other: string): number {
  const [darker = 0, lighter = 0] = [luminanceOf(one), luminanceOf(other)].toSorted((a, b) => a - b)
  return (lighter + 0.05) / (darker + 0.05)
}

/** In what a band is written on its background, best liked first; black or white reads well on any colour. */
const inks = ['#1d2b24', '#fffef9', '#000000', '#ffffff'] as const
/** Contrast of text with what lies behind it (WCAG 2.2, 1.4.3). */
const readable = 4.5

/**
 * The colour in which a band with this background is written: the first that can be read well on its
 * colour, and that reads better than its opposite. Null for the page's own.
 */
export function inkOn(background: BandBackground): string | null {
  if (background.is === 'none') return null
  const { colour } = background
  const better = contrastOf(colour, '#000000') >= contrastOf(colour, '#ffffff') ? 0 : 1
  const fitting = inks.filter((_, at) => at % 2 === better)
  return fitting.find((ink) => contrastOf(colour, ink) >= readable) ?? fitting.at(-1) ?? null
}
