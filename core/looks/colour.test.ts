import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { byte, colour, elsewhere, opaque } from '~~/tests/support/colours'
import { colourText, contrastOf, over, readColour } from './colour'
import type { Colour } from './colour'

const colours = fc.record({ red: byte, green: byte, blue: byte, alpha: byte })

describe('a colour', () => {
  it('is read as it was written', () => {
    fc.assert(
      fc.property(colours, (one) => {
        const back = colour(colourText(one))
        for (const channel of ['red', 'green', 'blue', 'alpha'] as const)
          expect(back[channel]).toBeCloseTo(one[channel], 12)
      }),
    )
  })

  // CSS Color 4, 5.2: the short forms stand for the long ones.
  it.each([
    ['#0fc', '#00ffcc'],
    ['#0F08', '#00ff0088'],
    ['#00FFCC', '#00ffcc'],
    ['#00ff0080', '#00ff0080'],
  ])('is read as %s', (text, same) => {
    expect(colourText(colour(text))).toBe(same)
  })

  it.each(['', '#', '#12', '#12345', '#1234567', '#ggg', 'red', 'rgb(0,0,0)', '#fff;', ' #fff', '#fff\n'])(
    'is not read from “%s”',
    (text) => {
      expect(readColour(text)).toBeNull()
    },
  )

  // Referee: lightningcss.
  it('lies over another as CSS mixes them', () => {
    fc.assert(
      fc.property(opaque, opaque, fc.integer({ min: 0, max: 100 }), (top, below, share) => {
        const half = (one: Colour) => colourText({ ...one, alpha: 0.5 })
        const mixed = elsewhere(`color-mix(in srgb, ${half(top)} ${share}%, ${half(below)})`)
        const own = over({ ...top, alpha: share / 100 }, below)
        for (const channel of ['red', 'green', 'blue'] as const)
          expect(Math.abs(own[channel] - mixed[channel]) * 255).toBeLessThanOrEqual(0.51)
      }),
    )
  })

  it('lets through what lies below as far as both do', () => {
    expect(over(colour('#ffffff80'), colour('#00000000'))).toEqual(colour('#ffffff80'))
    expect(over(colour('#00000000'), colour('#00000000')).alpha).toBe(0)
    fc.assert(
      fc.property(colours, opaque, (top, below) => {
        expect(over(top, below).alpha).toBeCloseTo(1, 12)
        expect(over({ ...top, alpha: 1 }, below)).toEqual({ ...top, alpha: 1 })
      }),
    )
  })
})

describe('contrast', () => {
  // Worked values of contrast on white, as used to test contrast checkers; the others follow from WCAG 2.2's
  // formula.
  it.each([
    ['#777777', 4.48],
    ['#767676', 4.54],
    ['#000000', 21],
    ['#ffffff', 1],
  ])('of %s on white is %d', (text, ratio) => {
    expect(contrastOf(colour(text), colour('#ffffff'))).toBeCloseTo(ratio, 2)
  })

  it('is that of what is seen, also where the ground shows through', () => {
    fc.assert(
      fc.property(colours, opaque, (drawn, ground) => {
        expect(contrastOf(drawn, ground)).toBe(contrastOf(over(drawn, ground), ground))
        expect(contrastOf(ground, ground)).toBe(1)
      }),
    )
  })
})
