import type { ColourSet } from '../../looks/site-palette'
import { contrastOf, readColour } from '../../looks/colour'
import type { BandBackground } from './definition'

/** In what a band is written on its background, best liked first; black or white reads well on any colour. */
const inks = ['#1d2b24', '#fffef9', '#000000', '#ffffff'] as const
/** Contrast of text with what lies behind it (WCAG 2.2, 1.4.3). */
const readable = 4.5

/**
 * The colour in which a band with this background is written: the first that can be read well on its
 * colour, and that reads better than its opposite. Null for the page's own.
 */
export function inkOn(background: BandBackground): string | null {
  const ground = background.is === 'none' ? null : readColour(background.colour)
  if (ground === null) return null
  const contrast = (text: string) => {
    const ink = readColour(text)
    return ink === null ? 0 : contrastOf(ink, ground)
  }
  const better = contrast('#000000') >= contrast('#ffffff') ? 0 : 1
  const fitting = inks.filter((_, at) => at % 2 === better)
  return fitting.find((ink) => contrast(ink) >= readable) ?? fitting.at(-1) ?? null
}

/** The set of colours that suits what is written in such an ink: the light one with dark letters. */
export function schemeOf(ink: string): ColourSet {
  return inks.findIndex((one) => one === ink) % 2 === 0 ? 'light' : 'dark'
}
