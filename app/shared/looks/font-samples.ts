import type { FontAtHand } from '~~/core/looks/fonts/site-fonts'

/** Which fonts the bench has asked for already. */
const asked = new Set<string>()

/** What the bench itself calls a font of the site: its own letters may be of the same name. */
export function sampleFamily({ name }: Pick<FontAtHand, 'name'>): string {
  return `sample of ${name}`
}

/** Has the bench show names of fonts in the fonts themselves: they are fetched when first wanted. */
export function fetchSamples(fonts: readonly FontAtHand[]): void {
  for (const font of fonts) {
    if (asked.has(font.address)) continue
    asked.add(font.address)
    const face = new FontFace(sampleFamily(font), `url(${font.address})`, {
      display: 'swap',
      weight: '1 1000',
    })
    document.fonts.add(face)
    // One that does not come is shown in the letters of the bench.
    face.load().catch(() => asked.delete(font.address))
  }
}

/**
 * Has a page of the bench show its fonts whenever they come, also in texts that were shown without: nobody
 * reads it who would be disturbed by what moves. Its faces are stated anew, as later ones prevail.
 */
export function showLateFonts(page: Document): void {
  const style = page.createElement('style')
  style.textContent = [...page.styleSheets].flatMap((sheet) => facesOf(sheet, page.baseURI)).join('\n')
  page.head.append(style)
}

/** The faces of a sheet, to be shown late; their addresses are told from where it is. */
function facesOf({ cssRules, href }: CSSStyleSheet, base: string): readonly string[] {
  return Array.from(cssRules, ({ cssText }) => cssText)
    .filter((text) => text.startsWith('@font-face'))
    .map((text) =>
      text
        .replace('font-display: optional', 'font-display: swap')
        .replace(
          /url\("([^"]+)"\)/g,
          (_, address: string) => `url("${new URL(address, href ?? base).href}")`,
        ),
    )
}
