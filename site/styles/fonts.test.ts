import { readFileSync } from 'node:fs'
import { createFontStack } from '@capsizecss/core'
import type { FontMetrics } from '@capsizecss/core'
import arial from '@capsizecss/metrics/arial'
import georgia from '@capsizecss/metrics/georgia'
import { fromFile } from '@capsizecss/unpack/fs'
import { describe, expect, it } from 'vitest'

const css = readFileSync(new URL('fonts.css', import.meta.url), 'utf8')
const adjusted = ['size-adjust', 'ascent-override', 'descent-override'] as const

/** The percentages that a rule gives. */
function adjustments(rule: string): Readonly<Record<string, number>> {
  return Object.fromEntries(
    [...rule.matchAll(/([a-z-]+): ([\d.]+)%/g)].map(([, name, value]) => [name ?? '', Number(value)]),
  )
}

describe('the fonts that stand in', () => {
  it.each([
    ['Fraunces', 'fraunces', georgia],
    ['Hanken Grotesk', 'hanken-grotesk', arial],
  ] as const)(
    'is as large as %s, as capsize reckons from the files',
    async (name, file, instead: FontMetrics) => {
      const path = `node_modules/@fontsource-variable/${file}/files/${file}-latin-wght-normal.woff2`
      const { fontFaces } = createFontStack([await fromFile(path), instead])
      const rule = css.split('@font-face').find((one) => one.includes(`'${name} stand-in'`)) ?? ''
      const [own, reckoned] = [adjustments(rule), adjustments(fontFaces)]
      for (const property of adjusted) expect(own[property]).toBeCloseTo(reckoned[property] ?? NaN, 1)
    },
  )
})
