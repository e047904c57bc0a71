import { colourText, contrastOf, readColour } from './colour'
import type { Colour } from './colour'
import { nearestReadable } from './readable'
import { shownColour } from './site-palette'
import type { ColourSet } from './site-palette'
import type { PaletteColour } from './tokens/site-tokens'

/** A ground on pages of one set of colours. */
export interface SetGround {
  readonly set: ColourSet
  readonly ground: Colour
}

/**
 * A colour, as looks say it, that has at least this contrast with each of the grounds: the one nearest to
 * `drawn`; where none has it, as on light and on dark pages, the colour of the palette, which is another on
 * each, that stands out most where it does least. Null where there is none such either.
 */
export function readableInSets(
  drawn: Colour,
  grounds: readonly SetGround[],
  palette: readonly PaletteColour[],
  ratio: number,
): string | null {
  const nearest = nearestReadable(
    drawn,
    grounds.map(({ ground }) => ground),
    ratio,
  )
  if (nearest !== null) return colourText(nearest)
  const [best] = palette
    .map(({ name }) => ({ name, least: leastOf(name, grounds, palette) }))
    .filter(({ least }) => least >= ratio)
    .toSorted((one, other) => other.least - one.least)
  return best?.name ?? null
}

function leastOf(name: string, grounds: readonly SetGround[], palette: readonly PaletteColour[]): number {
  const ratios = grounds.map(({ set, ground }) => {
    const drawn = readColour(shownColour(name, palette, set))
    return drawn === null ? 0 : contrastOf(drawn, ground)
  })
  return Math.min(...ratios)
}
