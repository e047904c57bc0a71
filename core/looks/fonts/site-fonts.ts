/** What kinds of letters there are, by which a font of the visitor's own stands in for one that is not there. */
export const fontKinds = ['serif', 'sans', 'mono', 'hand'] as const
export type FontKind = (typeof fontKinds)[number]

/** A font that the pages of a site can be set in. */
export interface SiteFont {
  /** By which looks name it: as the named values of a site are. */
  readonly name: string
  readonly title: string
  readonly kind: FontKind
  /** What style sheets call it. */
  readonly family: string
}

/** A font and the address of the file that most of a text in it needs. */
export interface FontAtHand extends SiteFont {
  readonly address: string
  /** Whether the site brought it with it. */
  readonly isOwn: boolean
}

const shipped = (name: string, title: string, kind: FontKind): SiteFont => ({
  name,
  title,
  kind,
  family: `${title} Variable`,
})

/** The fonts that every site has: each the name of its package in `@fontsource-variable`. */
export const shippedFonts: readonly SiteFont[] = [
  shipped('fraunces', 'Fraunces', 'serif'),
  shipped('literata', 'Literata', 'serif'),
  shipped('newsreader', 'Newsreader', 'serif'),
  shipped('bitter', 'Bitter', 'serif'),
  shipped('playfair-display', 'Playfair Display', 'serif'),
  shipped('hanken-grotesk', 'Hanken Grotesk', 'sans'),
  shipped('inter', 'Inter', 'sans'),
  shipped('work-sans', 'Work Sans', 'sans'),
  shipped('outfit', 'Outfit', 'sans'),
  shipped('bricolage-grotesque', 'Bricolage Grotesque', 'sans'),
  shipped('jetbrains-mono', 'JetBrains Mono', 'mono'),
  shipped('caveat', 'Caveat', 'hand'),
]

/** What a site chooses a font for; looks can name either in place of a font. */
export const fontUses = ['headings', 'text'] as const
export type FontUse = (typeof fontUses)[number]
/** The name of a font for each. */
export type ChosenFonts = Readonly<Record<FontUse, string>>

export const usualFonts: ChosenFonts = { headings: 'fraunces', text: 'hanken-grotesk' }

/** The custom property that a font is in style sheets, or what the site chose for a use. */
export function fontProperty(name: string): string {
  return fontUses.some((use) => use === name) ? `--font-of-${name}` : `--font-of-site-${name}`
}

const named = /var\(--font-of-(?:site-)?([a-z\d-]+)\)/g

/** The names of fonts that a style sheet uses, where the site has chosen these for headings and text. */
export function fontsIn(css: string, chosen: ChosenFonts): ReadonlySet<string> {
  return new Set([
    ...Object.values(chosen),
    ...Array.from(css.matchAll(named), ([, name = '']) => name).filter(
      (name) => !fontUses.some((use) => use === name),
    ),
  ])
}
