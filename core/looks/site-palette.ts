import type { PaletteColour } from './tokens/site-tokens'

/** The colours that every site has, by the names that they have in its style sheet, as they are to begin with. */
export const sitePalette: readonly PaletteColour[] = [
  { name: 'ink', light: '#1d2b24', dark: '#ece7d8' },
  { name: 'soft', light: '#58645c', dark: '#a9b4a9' },
  { name: 'paper', light: '#fffef9', dark: '#151b17' },
  { name: 'line', light: '#ddd8c8', dark: '#38423b' },
  { name: 'accent', light: '#a13d17', dark: '#f2a07a' },
  { name: 'leaf', light: '#28624a', dark: '#8fc9a9' },
]

/** One of the two sets of colours that a palette has. */
export type ColourSet = 'light' | 'dark'

/** The colour that a look says, as `#rrggbb` or `#rrggbbaa`: that of the palette for a name of it. */
export function shownColour(
  colour: string,
  palette: readonly PaletteColour[] = sitePalette,
  set: ColourSet = 'light',
): string {
  const named = palette.find(({ name }) => name === colour)
  return named === undefined ? colour : (named[set] ?? named.light)
}
