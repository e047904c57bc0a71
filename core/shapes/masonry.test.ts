import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { masonryPlaces } from './places'

/** The least height that any distribution of the cards over the columns reaches, by trying them all. */
function optimum(heights: readonly number[], columns: number): number {
  const [first, ...rest] = heights
  const tried = (loads: readonly number[], left: readonly number[]): number => {
    const [height, ...others] = left
    if (height === undefined) return Math.max(...loads)
    return Math.min(...loads.map((load, at) => tried(loads.with(at, load + height), others)))
  }
  // Columns are alike, so the first card may stand in the first.
  return first === undefined ? 0 : tried([first, ...Array.from({ length: columns - 1 }, () => 0)], rest)
}

const small = fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 8 })

describe('masonry', () => {
  // R. L. Graham (1969), Bounds on multiprocessing timing anomalies, SIAM Journal on Applied
  // Mathematics 17, theorem 2.
  it('is never taller than (2 − 1/m) times the best there is', () => {
    fc.assert(
      fc.property(small, fc.integer({ min: 1, max: 4 }), (heights, columns) => {
        const tallest = Math.max(
          ...masonryPlaces(heights, 1000, columns, { columnGap: 20, rowGap: 0 }).map(
            (one) => one.top + one.height,
          ),
        )
        expect(tallest).toBeLessThanOrEqual((2 - 1 / columns) * optimum(heights, columns) + 1e-9)
      }),
      { numRuns: 300 },
    )
  })

  it('meets that bound in the example that reaches it', () => {
    // Two columns: 1, 1 and then 2 stand 3 high where 2 would do; the bound is 1.5 × 2.
    expect(
      Math.max(
        ...masonryPlaces([1, 1, 2], 100, 2, { columnGap: 0, rowGap: 0 }).map((one) => one.top + one.height),
      ),
    ).toBe(3)
    expect(optimum([1, 1, 2], 2)).toBe(2)
  })

  it('begins no card above one that comes before it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 900 }), { maxLength: 60 }),
        fc.integer({ min: 1, max: 6 }),
        fc.nat(40),
        (heights, columns, gap) => {
          const tops = masonryPlaces(heights, 1200, columns, { columnGap: gap, rowGap: gap }).map(
            (one) => one.top,
          )
          expect(tops).toEqual(tops.toSorted((a, b) => a - b))
        },
      ),
    )
  })

  it('fills the first row from the start, then the shortest column', () => {
    expect(masonryPlaces([50, 20, 30, 10], 220, 2, { columnGap: 20, rowGap: 10 })).toEqual([
      { left: 0, top: 0, width: 100, height: 50 },
      { left: 120, top: 0, width: 100, height: 20 },
      { left: 120, top: 30, width: 100, height: 30 },
      { left: 0, top: 60, width: 100, height: 10 },
    ])
  })
})
