import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { amountAside, amountPhrase, defaultAmount, hidesBelow, shownFrom, takeAt } from './amount'
import { cssOf } from '../style/rules'
import { amountStyles } from './amount-styles'

const amount = {
  ...defaultAmount,
  take: 12,
  stops: [
    { below: 700, take: 6 },
    { below: 420, take: 4 },
  ],
}

describe('how many a listing shows', () => {
  it.each([
    [1000, 12],
    [700, 12],
    [699, 6],
    [420, 6],
    [419, 4],
    [1, 4],
  ])('at %i pixels: %i', (width, shown) => {
    expect(takeAt(amount, width)).toBe(shown)
  })

  it('is never more where it is narrower, nor more than a page holds', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 1, max: 20 }),
        (a, b, perPage) => {
          const paged = { ...amount, perPage }
          expect(takeAt(paged, Math.min(a, b))).toBeLessThanOrEqual(takeAt(paged, Math.max(a, b)))
          expect(takeAt(paged, a)).toBeLessThanOrEqual(perPage)
        },
      ),
    )
  })

  it('is hidden by the width of the listing’s own box', () => {
    expect(cssOf(amountStyles(amount, '.one')).split('\n')).toEqual([
      '@container listing (width < 700px){.one [data-from="700"]{display:none}.one [data-below="700"]{display:block}}',
      '@container listing (width < 420px){.one [data-from="420"]{display:none}.one [data-below="420"]{display:block}}',
    ])
    expect(amountStyles(defaultAmount, '.one')).toEqual([])
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 11 }), fc.integer({ min: 1, max: 2000 }), (at, width) => {
        expect(width >= shownFrom(amount, at)).toBe(at < takeAt(amount, width))
        // What leads to all of a page stands wherever any of it does not.
        const isCut = at + 1 > takeAt({ ...amount, take: 200, perPage: null }, width)
        expect(width < (hidesBelow(amount, at + 1) ?? 0)).toBe(isCut)
      }),
    )
  })

  it('is said', () => {
    expect([amountPhrase(amount), amountAside(amount)]).toEqual(['12 of them', '6 · 4'])
    expect(amountPhrase({ ...amount, skip: 2, perPage: 5 })).toBe('skip 2, then 12 in pages of 5')
  })
})
