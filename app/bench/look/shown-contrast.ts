import { colourText, contrastOf, over } from '~~/core/looks/colour'
import type { Colour } from '~~/core/looks/colour'
import { nearestReadable } from '~~/core/looks/readable'

/** A text as the page has it: how it stands out from its ground, and how much it must (WCAG 2.2, 1.4.3). */
export interface ShownContrast {
  readonly ratio: number
  readonly least: number
  readonly drawn: Colour
  readonly ground: Colour
  /** The nearest colour that stands out enough, as `#rrggbb`; null where there is none, or it does. */
  readonly nearest: string | null
}

/** The page itself is white where nothing is drawn. */
const white: Colour = { red: 1, green: 1, blue: 1, alpha: 1 }

/** The contrast of a text with the grounds of what it lies in; null where a picture is among those. */
export function shownContrast(text: Element): ShownContrast | null {
  const view = text.ownerDocument.defaultView
  if (view === null || text.closest('.card-over') !== null) return null
  const grounds: Colour[] = []
  for (let at: Element | null = text; at !== null; at = at.parentElement) {
    const { backgroundColor, backgroundImage } = view.getComputedStyle(at)
    const colour = colourOf(backgroundColor)
    if (!/^none(?:, none)*$/.test(backgroundImage) || colour === null) return null
    grounds.push(colour)
    if (colour.alpha === 1) break
  }
  const { color, fontSize, fontWeight } = view.getComputedStyle(text)
  const drawn = colourOf(color)
  if (drawn === null) return null
  const ground = grounds.reduceRight((below, top) => over(top, below), white)
  // Large is 18 pt, or 14 pt where it is bold; a point is 4/3 px.
  const points = Number.parseFloat(fontSize) * 0.75
  const isLarge = points >= 18 || (points >= 14 && Number(fontWeight) >= 700)
  const [ratio, least] = [contrastOf(drawn, ground), isLarge ? 3 : 4.5]
  const nearest = ratio < least ? nearestReadable(drawn, [ground], least) : null
  return { ratio, least, drawn, ground, nearest: nearest === null ? null : colourText(nearest) }
}

/** A colour as browsers compute it; null for one that is not of sRGB. */
function colourOf(computed: string): Colour | null {
  const parts = /^rgba?\((\d+), (\d+), (\d+)(?:, ([\d.]+))?\)$/.exec(computed)
  if (parts === null) return null
  const [red = 0, green = 0, blue = 0, alpha = 1] = parts
    .slice(1)
    .flatMap((part) => (part ? [Number(part)] : []))
  return { red: red / 255, green: green / 255, blue: blue / 255, alpha }
}
