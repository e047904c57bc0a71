import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contrastOf, readColour } from './colour'
import type { Colour } from './colour'
import { readableInSets } from './readable-in-sets'
import { shownColour, sitePalette } from './site-palette'

const colour = (text: string): Colour => {
  const read = readColour(text)
  if (read === null) throw new Error(`${text} is no colour.`)
  return read
}
const [light, dark] = ['light', 'dark'] as const
const on = (onLight: string, onDark: string) => [
  { set: light, ground: colour(onLight) },
  { set: dark, ground: colour(onDark) },
]

describe('a colour that can be read in every set', () => {
  it('is the nearest where one can on all grounds, else one of the palette, which is another on each', () => {
    expect(readableInSets(colour('#888888'), on('#ffffff', '#fffef9'), sitePalette, 4.5)).toMatch(/^#7/)
    // What lies on leaf: dark on light pages, and light on dark ones.
    expect(readableInSets(colour('#28624a'), on('#28624a', '#8fc9a9'), sitePalette, 4.5)).toBe('paper')
    expect(readableInSets(colour('#28624a'), on('#28624a', '#8fc9a9'), [], 4.5)).toBeNull()
  })

  it('has the contrast that is asked wherever there is one', () => {
    const any = fc.integer({ min: 0, max: 0xffffff }).map((one) => `#${one.toString(16).padStart(6, '0')}`)
    fc.assert(
      fc.property(any, any, any, fc.constantFrom(3, 4.5, 7), (drawn, one, other, ratio) => {
        const grounds = on(one, other)
        const found = readableInSets(colour(drawn), grounds, sitePalette, ratio)
        if (found === null) return
        for (const { set, ground } of grounds)
          expect(contrastOf(colour(shownColour(found, sitePalette, set)), ground)).toBeGreaterThanOrEqual(
            ratio - 1e-9,
          )
      }),
    )
  })
})
