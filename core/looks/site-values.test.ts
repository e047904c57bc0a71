import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contrastOf, readColour } from './colour'
import {
  siteValuesCss,
  defaultValues,
  mostColours,
  mostSteps,
  pageSets,
  parseSiteValues,
} from './site-values'
import { shownColour, sitePalette } from './site-palette'
import { siteScales } from './site-scales'
import type { Scale } from './site-scales'
import { shippedFonts } from './fonts/site-fonts'
import type { PaletteColour, ScaleStep } from './tokens/site-tokens'

const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`)
const ownNames = fc.uniqueArray(fc.stringMatching(/^own(-[a-z\d]{1,6}){1,3}$/), {
  maxLength: mostColours - sitePalette.length,
})
const palettes: fc.Arbitrary<readonly PaletteColour[]> = ownNames.chain((names) =>
  fc.tuple(
    ...[...sitePalette.map(({ name }) => name), ...names].map((name) =>
      fc.record({ name: fc.constant(name), light: hex, dark: fc.option(hex) }),
    ),
  ),
)
const stepNames = fc.uniqueArray(fc.stringMatching(/^own(-[a-z\d]{1,6}){1,3}$/), { maxLength: mostSteps - 6 })
const stepsOf = (scale: Scale): fc.Arbitrary<readonly ScaleStep[]> =>
  stepNames.chain((names) =>
    fc.tuple(
      ...[...siteScales[scale].map(({ name }) => name), ...names].map((name) =>
        fc.oneof(
          fc.record({
            name: fc.constant(name),
            value: fc.integer({ min: 0, max: 2000 }),
            unit: fc.constant('px' as const),
          }),
          fc.record({
            name: fc.constant(name),
            value: fc.integer({ min: 0, max: 125 }),
            unit: fc.constant('rem' as const),
          }),
        ),
      ),
    ),
  )
const font = fc.oneof(fc.constantFrom(...shippedFonts.map(({ name }) => name)), fc.constant('sorrel-text'))
const chosenFonts = fc.record({ headings: font, text: font })
const leaf = sitePalette[5]
const saved = { ...defaultValues, version: 1 }
const pathsOf = (input: unknown) => {
  const parsed = parseSiteValues(input)
  return parsed.ok ? [] : parsed.faults.map(({ path }) => path)
}
const withOne = (change: object) => ({
  ...saved,
  palette: [...sitePalette.slice(0, 5), { ...leaf, ...change }],
})

describe('the named values of a site', () => {
  it('give pages the fonts that the site chose, or the usual ones once those are gone', () => {
    const fonts = { headings: 'sorrel-text', text: 'hanken-grotesk' }
    expect(siteValuesCss({ ...defaultValues, fonts })).toBe(
      '@layer layout{:root{--font-of-headings:var(--font-of-site-sorrel-text,var(--font-of-site-fraunces))}}',
    )
    const parse = (headings: unknown) => pathsOf({ ...saved, fonts: { headings, text: 'outfit' } })
    for (const wrong of ['', 'a;b', 'A', 'x'.repeat(41), null, 3])
      expect(parse(wrong)).toEqual(['fonts.headings'])
  })

  it('are taken as they are, up to as many as there may be', () => {
    fc.assert(
      fc.property(
        palettes,
        stepsOf('letterSizes'),
        stepsOf('spaces'),
        fc.constantFrom(...pageSets),
        chosenFonts,
        (palette, letterSizes, spaces, pages, fonts) => {
          const input = { version: 1, palette, letterSizes, spaces, pages, fonts }
          expect(parseSiteValues(input)).toEqual({ ok: true, value: input })
        },
      ),
    )
    const tooMany = Array.from({ length: mostColours - 5 }, (_, at) => ({ ...leaf, name: `own-${at}` }))
    expect(pathsOf({ ...saved, palette: [...sitePalette, ...tooMany] })).toEqual(['palette'])
  })

  it('say where they are wrong', () => {
    expect(pathsOf(withOne({ light: 'green' }))).toEqual(['palette[5].light'])
    expect(pathsOf(withOne({ dark: '#28624a80' }))).toEqual(['palette[5].dark'])
    expect(pathsOf(withOne({ name: 'Leaf}' }))).toContain('palette[5].name')
    expect(pathsOf(withOne({ name: 'ink' }))).toContain('palette[5].name')
    expect(pathsOf({ ...saved, pages: 'dim' })).toEqual(['pages'])
    for (const palette of [[], sitePalette.slice(1), sitePalette.toReversed()])
      expect(pathsOf({ ...saved, palette })).toEqual(['palette'])
  })

  it('are in a style sheet of their own where they are not those to begin with', () => {
    expect(siteValuesCss(defaultValues)).toBe('')
    expect(siteValuesCss({ ...defaultValues, pages: 'visitor' })).toBe(
      '@layer layout{:root{color-scheme:light dark}}',
    )
    const own = { name: 'warm-red', light: '#aa2211', dark: null }
    const css = siteValuesCss({ ...defaultValues, pages: 'dark', palette: [...sitePalette, own] })
    expect(css).toMatch(
      /^@layer layout\{:root\{color-scheme:dark;--ink:#1d2b24;.*;--of-site-warm-red:#aa2211\}/,
    )
    expect(css).toContain('@supports (color:light-dark(#000,#fff)){:root{--ink:light-dark(#1d2b24,#ece7d8);')
    expect(css).toContain('--of-site-warm-red:light-dark(#aa2211,#aa2211)')
  })

  it('say where a step of a scale is wrong', () => {
    const withStep = (change: object) => ({
      ...saved,
      spaces: [...siteScales.spaces.slice(0, 5), { ...siteScales.spaces[5], ...change }],
    })
    expect(pathsOf(withStep({ value: 2000.5 }))).toEqual(['spaces[5].value'])
    expect(pathsOf(withStep({ value: 126, unit: 'rem' }))).toEqual(['spaces[5].value'])
    expect(pathsOf(withStep({ value: -1 }))).toEqual(['spaces[5].value'])
    expect(pathsOf(withStep({ unit: 'em' }))).toEqual(['spaces[5].unit'])
    expect(pathsOf(withStep({ name: 'Vast;' }))).toContain('spaces[5].name')
    expect(pathsOf(withStep({ name: 'hair' }))).toContain('spaces[5].name')
    expect(pathsOf({ ...saved, letterSizes: siteScales.spaces })).toEqual(['letterSizes'])
    const many = Array.from({ length: mostSteps - 5 }, (_, at) => ({
      name: `own-${at}`,
      value: 1,
      unit: 'px',
    }))
    expect(pathsOf({ ...saved, letterSizes: [...siteScales.letterSizes, ...many] })).toEqual(['letterSizes'])
  })

  it('have the steps of a scale that is another in their style sheet', () => {
    const spaces = [...siteScales.spaces, { name: 'own', value: 1.5, unit: 'rem' as const }]
    expect(siteValuesCss({ ...defaultValues, spaces })).toBe(
      '@layer layout{:root{--space-of-site-hair:4px;--space-of-site-small:8px;--space-of-site-medium:16px;' +
        '--space-of-site-wide:28px;--space-of-site-broad:48px;--space-of-site-vast:80px;--space-of-site-own:1.5rem}}',
    )
  })

  it('have a set for light and one for dark', () => {
    const palette = [{ name: 'warm-red', light: '#aa2211', dark: '#ffaa99' }]
    expect(shownColour('warm-red', palette, 'dark')).toBe('#ffaa99')
    expect(shownColour('warm-red', palette)).toBe('#aa2211')
    expect(shownColour('warm-red', [{ name: 'warm-red', light: '#aa2211', dark: null }], 'dark')).toBe(
      '#aa2211',
    )
    expect(shownColour('#123456', palette, 'dark')).toBe('#123456')
  })
})

// 4.5 : 1 for text (WCAG 2.2, 1.4.3).
it.each(['light', 'dark'] as const)('can be read on the %s paper, as they are to begin with', (set) => {
  const paper = readColour(shownColour('paper', sitePalette, set))
  for (const name of ['ink', 'soft', 'accent', 'leaf']) {
    const colour = readColour(shownColour(name, sitePalette, set))
    if (paper === null || colour === null) throw new Error(`There is no colour “${name}”.`)
    expect(contrastOf(colour, paper), name).toBeGreaterThanOrEqual(4.5)
    // What is written on a button or a label is the paper's.
    expect(contrastOf(paper, colour), name).toBeGreaterThanOrEqual(4.5)
  }
})
