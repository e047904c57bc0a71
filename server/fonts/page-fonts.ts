import { assets } from '#bushel/site-assets'
import { fontAddress, plainestFile, presentFonts } from '../../core/looks/fonts/own-fonts'
import type { OwnFont } from '../../core/looks/fonts/own-fonts'
import { fontsIn, shippedFonts } from '../../core/looks/fonts/site-fonts'
import type { FontAtHand } from '../../core/looks/fonts/site-fonts'
import type { SiteMakings } from '../../core/looks/site-css'

/** Every font that looks of the site can name. */
export function fontsAtHand(own: readonly OwnFont[]): readonly FontAtHand[] {
  return [
    ...presentFonts(own).flatMap((font) => {
      const { name, title, kind, family } = font
      const plain = plainestFile(font)
      return plain === undefined
        ? []
        : [{ name, title, kind, family, address: fontAddress(plain), isOwn: true }]
    }),
    ...shippedFonts.map((font) => ({ ...font, address: assets.fontFiles[font.name] ?? '', isOwn: false })),
  ]
}

/** The fonts that a page needs, by its style sheet and what the site chose. */
export function fontsOfPage(css: string, { fonts, values }: SiteMakings): readonly FontAtHand[] {
  const used = fontsIn(css, values.fonts)
  return fontsAtHand(fonts).filter(({ name }) => used.has(name))
}
