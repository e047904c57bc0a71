import { readTokens } from '~~/core/looks/tokens/read'
import type { PaletteColour } from '~~/core/looks/tokens/site-tokens'
import { tokensFile } from '~~/core/looks/tokens/write'

/** Gives a palette to the browser to be kept, as a file of design tokens. */
export function savePalette(palette: readonly PaletteColour[], name: string): void {
  const text = JSON.stringify(tokensFile({ palette, letterSizes: [], spaces: [] }), null, 2)
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

/** The colours in a file of design tokens; null for a file that is no JSON. */
export async function paletteIn(file: File): Promise<readonly PaletteColour[] | null> {
  const content = await file.text()
  try {
    return readTokens(JSON.parse(content)).tokens.palette
  } catch (error) {
    if (error instanceof SyntaxError) return null
    throw error
  }
}

/** The palette with those of another in place of its own of their names; others come after them. */
export function withColours<Colour extends { readonly name: string }>(
  palette: readonly Colour[],
  others: readonly Colour[],
): readonly Colour[] {
  const known = new Set(palette.map(({ name }) => name))
  return [
    ...palette.map((one) => others.find(({ name }) => name === one.name) ?? one),
    ...others.filter(({ name }) => !known.has(name)),
  ]
}
