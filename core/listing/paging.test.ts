import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { numbersOf } from './paging'

describe('the numbers that lead through pages', () => {
  it.each([
    [1, 1, [1]],
    [1, 3, [1, 2, 3]],
    [1, 9, [1, 2, 'gap', 9]],
    [3, 9, [1, 2, 3, 4, 'gap', 9]],
    [4, 9, [1, 2, 3, 4, 5, 'gap', 9]],
    [5, 9, [1, 'gap', 4, 5, 6, 'gap', 9]],
    [9, 9, [1, 'gap', 8, 9]],
  ])('at %i of %i are the first, the last and the neighbours', (current, last, expected) => {
    expect(numbersOf(current, last)).toEqual(expected)
  })

  it('rise, are few, hold where one is and both ends, and leave out two or more at a time', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), fc.nat(5000), (last, at) => {
        const current = 1 + (at % last)
        const all = numbersOf(current, last)
        expect(all.length).toBeLessThanOrEqual(7)
        expect(all).toEqual(expect.arrayContaining([1, current, last]))
        for (const [place, one] of all.entries()) {
          const before = all[place - 1]
          if (one === 'gap') expect(Number(all[place + 1]) - Number(before)).toBeGreaterThan(2)
          else if (before !== undefined && before !== 'gap') expect(one - before).toBe(1)
        }
      }),
    )
  })
})
