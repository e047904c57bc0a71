import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { margin, sideBySide } from './side-by-side'

describe('pages beside each other', () => {
  it('stand in the middle, as large as they are, where there is room', () => {
    expect(sideBySide([400], { width: 1000, height: 600 })).toEqual([
      { width: 400, height: 600, scale: 1, left: 300 },
    ])
  })

  it('are shown smaller rather than cut, in order, none over another', () => {
    const widths = fc.array(fc.integer({ min: 320, max: 1600 }), { minLength: 1, maxLength: 3 })
    fc.assert(
      fc.property(widths, fc.integer({ min: 1200, max: 3000 }), (all, width) => {
        const pages = sideBySide(all, { width, height: 700 })
        const ends = pages.map((page) => page.left + page.width * page.scale)
        pages.forEach((page, at) => {
          expect(page.left).toBeGreaterThanOrEqual((ends[at - 1] ?? 0) + margin - 1e-6)
          expect(page.height * page.scale).toBeCloseTo(700, 6)
        })
        expect(ends.at(-1)).toBeLessThanOrEqual(width - margin + 1e-6)
      }),
    )
  })

  it('are never so small that nothing can be made out', () => {
    expect(sideBySide([1280, 834, 390], { width: 100, height: 500 })[0]?.scale).toBe(0.2)
  })
})
