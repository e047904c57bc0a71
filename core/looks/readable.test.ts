import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { colour, elsewhere, opaque } from '~~/tests/support/colours'
import { colourText, contrastOf } from './colour'
import type { Colour } from './colour'
import { channelsOf, labOf } from './oklab'
import { nearestReadable } from './readable'

/** At the edge of sRGB lightningcss may take a colour for one beyond, and gives the nearest within. */
const inside = fc.integer({ min: 20, max: 235 }).map((value) => value / 255)
const inner = fc.record({ red: inside, green: inside, blue: inside, alpha: fc.constant(1) })

describe('a colour', () => {
  // Referee: lightningcss.
  it('is found in OKLab where CSS has it, and from there', () => {
    fc.assert(
      fc.property(inner, (one) => {
        const { lightness, a, b } = labOf(one)
        const found = elsewhere(`oklab(${lightness} ${a} ${b} / 50%)`)
        for (const channel of ['red', 'green', 'blue'] as const)
          expect(Math.abs(found[channel] - one[channel]) * 255).toBeLessThanOrEqual(1.01)
        const [red = 0, green = 0, blue = 0] = channelsOf({ lightness, a, b })
        expect(colourText({ red, green, blue, alpha: 1 })).toBe(colourText(one))
      }),
      { numRuns: 1000 },
    )
  })
})

describe('the nearest colour that can be read', () => {
  it('can be read on each of the grounds, and is the colour itself where that can be', () => {
    const ratios = fc.constantFrom(3, 4.5, 7)
    fc.assert(
      fc.property(
        opaque,
        fc.array(opaque, { minLength: 1, maxLength: 4 }),
        ratios,
        (drawn, grounds, ratio) => {
          const worst = (one: Colour) => Math.min(...grounds.map((ground) => contrastOf(one, ground)))
          const nearest = nearestReadable(drawn, grounds, ratio)
          if (worst(drawn) >= ratio) expect(nearest).toEqual(drawn)
          if (nearest !== null) expect(worst(colour(colourText(nearest)))).toBeGreaterThanOrEqual(ratio)
          // Where black or white can be read, so can something.
          else for (const end of ['#000000', '#ffffff']) expect(worst(colour(end))).toBeLessThan(ratio)
        },
      ),
      { numRuns: 300 },
    )
  })

  it('keeps the hue, and goes no further than it must', () => {
    const white = [colour('#ffffff')]
    const orange = colour('#e88a3c')
    const nearest = nearestReadable(orange, white, 4.5)
    if (nearest === null) throw new Error('There is a brown that can be read on white.')
    const hue = ({ a, b }: { readonly a: number; readonly b: number }) => Math.atan2(b, a)
    expect(hue(labOf(nearest))).toBeCloseTo(hue(labOf(orange)), 1)
    expect(contrastOf(nearest, white[0] ?? nearest)).toBeLessThan(4.65)
    // What only just can't be read is hardly changed.
    expect(nearestReadable(colour('#777777'), white, 4.5)).toEqual(colour('#767676'))
  })

  it('is none where nothing can be read on all', () => {
    expect(nearestReadable(colour('#808080'), [colour('#000000'), colour('#ffffff')], 7)).toBeNull()
  })
})
