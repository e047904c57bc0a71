/** A colour of the site's palette, `#rrggbb` or `#rrggbbaa`; `dark` is null where it is the same on dark pages. */
export interface PaletteColour {
  readonly name: string
  readonly light: string
  readonly dark: string | null
}

/** A step of a scale: a size of letters, or a space. */
export interface ScaleStep {
  readonly name: string
  readonly value: number
  readonly unit: 'px' | 'rem'
}

/** The named values that the looks of a site are made of. */
export interface SiteTokens {
  readonly palette: readonly PaletteColour[]
  readonly letterSizes: readonly ScaleStep[]
  readonly spaces: readonly ScaleStep[]
}

/** Names are parts of custom properties: words of small letters and digits with hyphens between them. */
export const tokenName = /^(?=.{1,40}$)[a-z][a-z\d]*(?:-[a-z\d]+)*$/

/** A name as tokens have it, of the words that another program calls something; null where nothing is left. */
export function tokenNameOf(words: readonly string[]): string | null {
  const name = words
    .join('-')
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/(\p{Ll}|\d)(\p{Lu})/gu, '$1-$2')
    .toLowerCase()
    .replace(/[^a-z\d]+/g, '-')
    .replace(/^[^a-z]+/, '')
    .slice(0, 40)
    .replace(/-+$/, '')
  return tokenName.test(name) ? name : null
}
