import type { PaletteColour, ScaleStep, SiteTokens } from './site-tokens'
import { tokenColour } from './token-values'

/** The groups of a file that a site writes. */
export const groups = {
  palette: 'palette',
  dark: 'palette-on-dark',
  letterSizes: 'letter-sizes',
  spaces: 'spaces',
} as const

/**
 * The named values of a site as a file of the Design Tokens Community Group (Format Module 2025.10). Colours
 * on dark pages stand in a group of their own, under the same names.
 */
export function tokensFile({ palette, letterSizes, spaces }: SiteTokens): unknown {
  const dark = palette.flatMap(({ name, dark: colour }) => (colour === null ? [] : [{ name, light: colour }]))
  return {
    [groups.palette]: colourGroup(palette),
    ...(dark.length === 0 ? {} : { [groups.dark]: colourGroup(dark) }),
    [groups.letterSizes]: lengthGroup(letterSizes),
    [groups.spaces]: lengthGroup(spaces),
  }
}

function colourGroup(colours: readonly Pick<PaletteColour, 'name' | 'light'>[]): unknown {
  const tokens = colours.map(({ name, light }) => [name, { $value: tokenColour(light) }])
  return { $type: 'color', ...Object.fromEntries(tokens) }
}

function lengthGroup(steps: readonly ScaleStep[]): unknown {
  const tokens = steps.map(({ name, value, unit }) => [name, { $value: { value, unit } }])
  return { $type: 'dimension', ...Object.fromEntries(tokens) }
}
