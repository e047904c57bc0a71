import arial from '@capsizecss/metrics/arial'
import courierNew from '@capsizecss/metrics/courierNew'
import georgia from '@capsizecss/metrics/georgia'
import { fromFile } from '@capsizecss/unpack/fs'
import { describe, expect, it } from 'vitest'
import { fontFace, fontStack, standInFace } from './faces'
import { shippedFonts } from './site-fonts'

const instead = { serif: georgia, sans: arial, mono: courierNew, hand: arial } as const

/** Average width and heights in an em that a face has once it is adjusted, in parts of the em. */
function asAdjusted(rule: string, averageWidth: number) {
  const percent = (property: string) =>
    Number(new RegExp(`${property}:([\\d.]+)%`).exec(rule)?.[1] ?? NaN) / 100
  const size = percent('size-adjust')
  return {
    width: averageWidth * size,
    ascent: percent('ascent-override') * size,
    descent: percent('descent-override') * size,
  }
}

describe('what stands in for a font', () => {
  // CSS Fonts 5, 2.2 and 2.3: overrides are parts of the adjusted em.
  it.each(shippedFonts)('is as wide and as high as $title', async (font) => {
    const metrics = await fromFile(
      `node_modules/@fontsource-variable/${font.name}/files/${font.name}-latin-wght-normal.woff2`,
    )
    const like = instead[font.kind]
    const adjusted = asAdjusted(standInFace(font, metrics), like.xWidthAvg / like.unitsPerEm)
    expect(adjusted.width).toBeCloseTo(metrics.xWidthAvg / metrics.unitsPerEm, 3)
    expect(adjusted.ascent).toBeCloseTo(metrics.ascent / metrics.unitsPerEm, 3)
    expect(adjusted.descent).toBeCloseTo(Math.abs(metrics.descent) / metrics.unitsPerEm, 3)
  })

  it('comes after the font itself, before what every device has', () => {
    const [fraunces] = shippedFonts
    expect(fraunces === undefined ? '' : fontStack(fraunces)).toBe(
      "'Fraunces Variable','Fraunces Variable stand-in',Georgia,serif",
    )
  })
})

it('names one weight once and a range of them by its ends', () => {
  const font = { name: 'a', title: 'A', kind: 'sans', family: 'of-site a' } as const
  const face = { address: '/fonts/a.woff2', slant: 'slanted' } as const
  expect(fontFace(font, { ...face, weights: [700, 700] })).toBe(
    "@font-face{font-family:'of-site a';src:url(/fonts/a.woff2) format('woff2');font-weight:700;font-style:italic;font-display:optional}",
  )
  expect(fontFace(font, { ...face, weights: [200, 900] })).toContain(';font-weight:200 900;')
})
