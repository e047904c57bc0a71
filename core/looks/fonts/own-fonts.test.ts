import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tokenName } from '../tokens/site-tokens'
import { ownFontsCss, plainestFile, presentFonts, withFontFile } from './own-fonts'
import type { FontFacts, OwnFont } from './own-fonts'
import { fontKinds, fontProperty, fontsIn, fontUses, shippedFonts, usualFonts } from './site-fonts'

const metrics = { ascent: 950, descent: -250, lineGap: 0, unitsPerEm: 1000, xWidthAvg: 450 }
const facts = (change: Partial<FontFacts> = {}): FontFacts => ({
  title: 'Sorrel Text',
  kind: 'serif',
  weights: [400, 400],
  slant: 'upright',
  metrics,
  ...change,
})

/** A site with these files, one after the other. */
function withAll(all: readonly FontFacts[]): readonly OwnFont[] {
  return all.reduce<readonly OwnFont[]>(
    (fonts, one, at) => withFontFile(fonts, one, String(at).padStart(32, '0')).fonts,
    [],
  )
}

const anyFacts = fc.record({
  title: fc.oneof(fc.string({ minLength: 1, maxLength: 60 }), fc.constantFrom('Inter', 'Text', 'Ä', '“”')),
  kind: fc.constantFrom(...fontKinds),
  weights: fc.constantFrom([400, 400] as const, [700, 700] as const, [1, 1000] as const),
  slant: fc.constantFrom('upright' as const, 'slanted' as const),
  metrics: fc.constant(metrics),
})

describe('the fonts that a site brings', () => {
  it('put files that say the same family together, the last one of each cut', () => {
    const fonts = withAll([
      facts({ slant: 'slanted' }),
      facts({ weights: [700, 700] }),
      facts(),
      facts({ kind: 'mono' }),
      facts({ title: 'Sorrel Sans', kind: 'sans' }),
    ])
    expect(fonts.map(({ name, kind }) => [name, kind])).toEqual([
      ['sorrel-sans', 'sans'],
      ['sorrel-text', 'serif'],
    ])
    expect(
      fonts[1]?.files.map(({ hash, weights: [weight], slant }) => [Number(hash), weight, slant]),
    ).toEqual([
      [3, 400, 'upright'],
      [1, 700, 'upright'],
      [0, 400, 'slanted'],
    ])
  })

  it('have names of their own, which no shipped font and no use has', () => {
    fc.assert(
      fc.property(fc.array(anyFacts, { maxLength: 12 }), (all) => {
        const names = withAll(all).map(({ name }) => name)
        const others = [...shippedFonts.map(({ name }) => name), ...fontUses]
        expect(new Set([...names, ...others]).size).toBe(names.length + others.length)
        for (const name of names) expect(name).toMatch(tokenName)
      }),
    )
  })

  it('end no rule of a style sheet, whatever they are called', () => {
    fc.assert(
      fc.property(fc.array(anyFacts, { minLength: 1, maxLength: 6 }), (all) => {
        const css = ownFontsCss(withAll(all))
        expect(css.match(/[{}]/g)?.length).toBe((css.split('\n').length - 1) * 2 + 4)
        expect(css).not.toMatch(/[<>\\]/)
      }),
    )
  })

  it('are on pages for as long as they are not removed', () => {
    const [font] = withAll([facts()])
    if (font === undefined) throw new Error('No font came of a file.')
    expect(ownFontsCss([font])).toContain(`:root{${fontProperty('sorrel-text')}:'of-site sorrel-text',`)
    const removed = { ...font, isRemoved: true }
    expect(ownFontsCss([removed])).toBe('')
    expect(presentFonts([removed])).toEqual([])
    expect(withFontFile([removed], facts(), 'f').font.files).toHaveLength(1)
  })

  it('show text in the upright file nearest to the weight of text', () => {
    const [font] = withAll([
      facts({ weights: [300, 300] }),
      facts({ slant: 'slanted' }),
      facts({ weights: [450, 900] }),
    ])
    expect(font === undefined ? null : plainestFile(font)?.weights).toEqual([450, 900])
  })
})

it('finds the fonts that a style sheet names, and those of headings and text', () => {
  const css = 'a{font-family:var(--font-of-site-inter)}b{font-family:var(--font-of-headings)}'
  expect([...fontsIn(css, usualFonts)].sort()).toEqual(['fraunces', 'hanken-grotesk', 'inter'])
  expect([...fontsIn('', { headings: 'outfit', text: 'outfit' })]).toEqual(['outfit'])
})
