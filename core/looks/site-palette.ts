import type { PaletteColour } from './tokens/site-tokens'

/** The colours of the site that looks can be made of, by the names that they have in its style sheet. */
export const sitePalette: readonly PaletteColour[] = [
  { name: 'ink', light: '#1d2b24', dark: null },
  { name: 'soft', light: '#58645c', dark: null },
  { name: 'paper', light: '#fffef9', dark: null },
  { name: 'line', light: '#ddd8c8', dark: null },
  { name: 'accent', light: '#a13d17', dark: null },
  { name: 'leaf', light: '#28624a', dark: null },
]

/** The colour that a look says, as `#rrggbb` or `#rrggbbaa`: that of the palette for a name of it. */
export function shownColour(colour: string): string {
  return sitePalette.find(({ name }) => name === colour)?.light ?? colour
}
