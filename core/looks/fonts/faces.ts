import { createFontStack } from '@capsizecss/core'
import type { FontMetrics } from '@capsizecss/core'
import arial from '@capsizecss/metrics/arial'
import courierNew from '@capsizecss/metrics/courierNew'
import georgia from '@capsizecss/metrics/georgia'
import type { FontKind, SiteFont } from './site-fonts'

/** What stands in for fonts of a kind until they are there. */
interface StandIn {
  readonly metrics: FontMetrics
  /** What devices call it; the names after the first are its metric twins. */
  readonly names: readonly string[]
  /** What follows where a device has none of those. */
  readonly others: string
}

const likeArial = { metrics: arial, names: ['Arial', 'ArialMT', 'Liberation Sans', 'Arimo'] }

const standIns: Readonly<Record<FontKind, StandIn>> = {
  serif: { metrics: georgia, names: ['Georgia', 'Gelasio'], others: 'Georgia,serif' },
  sans: { ...likeArial, others: 'system-ui,sans-serif' },
  mono: {
    metrics: courierNew,
    names: ['Courier New', 'CourierNewPSMT', 'Liberation Mono', 'Cousine'],
    others: 'ui-monospace,monospace',
  },
  hand: { ...likeArial, others: 'cursive' },
}

/** A font as a style sheet names it: itself, what stands in, and what else there may be. */
export function fontStack({ family, kind }: SiteFont): string {
  return `'${family}','${family} stand-in',${standIns[kind].others}`
}

/** What a face is made of. */
interface Face {
  readonly address: string
  readonly weights: readonly [number, number]
  readonly slant: 'upright' | 'slanted'
}

/**
 * A face of a font. One that comes too late is for the next page: text that was begun in what stands in is
 * not set anew, which would move what lies below it (CSS Fonts 4, 11.1, `optional`).
 */
export function fontFace({ family }: SiteFont, { address, weights, slant }: Face): string {
  const declared = [
    `font-family:'${family}'`,
    `src:url(${address}) format('woff2')`,
    `font-weight:${[...new Set(weights)].join(' ')}`,
    `font-style:${slant === 'slanted' ? 'italic' : 'normal'}`,
    'font-display:optional',
  ]
  return `@font-face{${declared.join(';')}}`
}

/**
 * The face that stands in for a font: as high and on average as wide as the font itself (CSS Fonts 5, 2.2 and
 * 2.3), as capsize reckons it.
 */
export function standInFace(
  { family, kind }: SiteFont,
  metrics: Pick<FontMetrics, 'ascent' | 'descent' | 'lineGap' | 'unitsPerEm' | 'xWidthAvg'>,
): string {
  const { metrics: instead, names } = standIns[kind]
  const { fontFaces } = createFontStack([{ ...instead, ...metrics, familyName: family }, instead], {
    fontFaceFormat: 'styleObject',
  })
  const reckoned = fontFaces[0]?.['@font-face']
  const declared = [
    `font-family:'${family} stand-in'`,
    `src:${names.map((name) => `local('${name}')`).join(',')}`,
    `size-adjust:${reckoned?.sizeAdjust ?? '100%'}`,
    `ascent-override:${reckoned?.ascentOverride ?? 'normal'}`,
    `descent-override:${reckoned?.descentOverride ?? 'normal'}`,
    `line-gap-override:${reckoned?.lineGapOverride ?? '0%'}`,
  ]
  return `@font-face{${declared.join(';')}}`
}
