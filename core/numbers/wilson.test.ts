import { describe, expect, it } from 'vitest'
import { wilsonLowerBound } from './wilson'

describe('the lower bound of what votes vouch for', () => {
  // Worked from the closed form of the interval with z = 1.96 (values computed by hand to three places).
  it.each([
    [1, 1, 0.207],
    [9, 10, 0.596],
    [90, 100, 0.826],
    [5, 10, 0.237],
    [0, 10, 0],
    [0, 0, 0],
  ])('%i of %i', (positive, total, bound) => {
    expect(wilsonLowerBound(positive, total)).toBeCloseTo(bound, 3)
  })

  it('rises with the votes behind an equal share, and stays below the share', () => {
    for (const total of [10, 100, 1000, 10_000]) {
      expect(wilsonLowerBound(total * 0.9, total)).toBeLessThan(0.9)
      expect(wilsonLowerBound(total * 9, total * 10)).toBeGreaterThan(wilsonLowerBound(total * 0.9, total))
    }
  })
})
