import { ownFontsCss } from './fonts/own-fonts'
import type { OwnFont } from './fonts/own-fonts'
import { siteValuesCss } from './site-values'
import type { SiteValues } from './site-values'

/** What the pages of a site are made of that no other site's are. */
export interface SiteMakings {
  readonly values: SiteValues
  readonly fonts: readonly OwnFont[]
}

/** A style sheet of the named values and the fonts of a site. */
export function siteCss({ values, fonts }: SiteMakings): string {
  return [ownFontsCss(fonts), siteValuesCss(values)].filter((css) => css !== '').join('\n')
}
