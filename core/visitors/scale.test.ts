import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { barsOf, scaleOf } from './scale'

describe('a scale of what there is', () => {
  it.each([
    [1.2, 4.8, 2, { least: 1.2, most: 4.8, step: 0.05 }],
    [0, 100, 0, { least: 0, most: 100, step: 1 }],
    [3, 9, 0, { least: 3, most: 9, step: 1 }],
    [-7, 1234, 0, { least: -20, most: 1240, step: 20 }],
    [0, 0.3, 1, { least: 0, most: 0.3, step: 0.1 }],
  ])('from %d to %d, told with %d decimals', (least, most, decimals, scale) => {
    expect(scaleOf(least, most, decimals)).toEqual(scale)
  })

  it('is none of one number', () => {
    expect(scaleOf(4, 4, 0)).toBeNull()
    expect(scaleOf(NaN, NaN, 0)).toBeNull()
  })

  it('holds what it is of, in few even steps that the numbers are fine enough for', () => {
    const number = fc.integer({ min: -1_000_000_000, max: 1_000_000_000 })
    fc.assert(
      fc.property(number, fc.integer({ min: 1, max: 1_000_000_000 }), fc.nat(6), (from, more, decimals) => {
        const [least, most] = [from / 10 ** decimals, (from + more) / 10 ** decimals]
        const scale = scaleOf(least, most, decimals)
        if (scale === null) throw new Error('There is no scale.')
        expect(scale.least).toBeLessThanOrEqual(least)
        expect(scale.most).toBeGreaterThanOrEqual(most)
        expect(scale.step).toBeGreaterThanOrEqual(10 ** -decimals * 0.999)
        const steps = (scale.most - scale.least) / scale.step
        expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-4)
        expect(steps).toBeLessThanOrEqual(102)
        const bars = barsOf(scale)
        expect(bars[0]).toBe(scale.least)
        expect(bars.length).toBeLessThanOrEqual(20)
        expect(bars.at(-1)).toBeLessThan(scale.most)
        expect(bars).toEqual(bars.toSorted((one, other) => one - other))
      }),
    )
  })
})
