import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contrastOf } from './colour'
import type { Colour } from './colour'
import { coloursOf, shadesIn, unknownShades, worstShades } from './shades'

const black = { red: 0, green: 0, blue: 0, alpha: 1 }

describe('the shades of a picture', () => {
  it('have the contrast of its darkest and its lightest area with whatever lies on it', () => {
    const channel = fc.integer({ min: 0, max: 255 })
    const pixels = fc.array(fc.tuple(channel, channel, channel), { minLength: 1, maxLength: 30 })
    fc.assert(
      fc.property(pixels, (all) => {
        const areas = all.map(([red, green, blue]): Colour => ({
          red: red / 255,
          green: green / 255,
          blue: blue / 255,
          alpha: 1,
        }))
        const contrasts = areas.map((one) => contrastOf(one, black)).toSorted((a, b) => a - b)
        const [darkest, lightest] = coloursOf(shadesIn(all.flatMap((one) => [...one, 255]))).map((one) =>
          contrastOf(one, black),
        )
        // A grey is one of 256.
        expect(darkest).toBeCloseTo(contrasts[0] ?? NaN, 0)
        expect((lightest ?? 0) / (contrasts.at(-1) ?? 1)).toBeCloseTo(1, 1)
      }),
    )
  })

  it('are those of what covers something, or the worst there may be', () => {
    expect(shadesIn([0, 0, 0, 0, 128, 128, 128, 255])).toEqual({ darkest: 128, lightest: 128 })
    expect(shadesIn([255, 255, 255, 255, 0, 0, 0, 255])).toEqual({ darkest: 0, lightest: 255 })
    expect(shadesIn([0, 0, 0, 0])).toEqual(unknownShades)
    expect(worstShades([shadesIn([9, 9, 9, 255]), shadesIn([50, 50, 50, 255])])).toEqual({
      darkest: 9,
      lightest: 50,
    })
  })
})
