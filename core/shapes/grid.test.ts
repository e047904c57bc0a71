import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { stops as anyStops } from '~~/tests/support/shape-arbitraries'
import { columnsAt, grid } from './grid'
import type { GridSettings } from './grid'

const heights = fc.array(fc.integer({ min: 1, max: 900 }), { maxLength: 20 })
const stops: fc.Arbitrary<GridSettings> = anyStops.map((all) => ({ ...grid.defaults, stops: all }))

describe('the grid', () => {
  it('fills rows from the left, each as high as its highest card', () => {
    const settings = { ...grid.defaults, stops: [{ from: 0, columns: 2, columnGap: 20, rowGap: 10 }] }
    expect(grid.layout(settings, [50, 80, 30], 220)).toEqual([
      { left: 0, top: 0, width: 100, height: 80 },
      { left: 120, top: 0, width: 100, height: 80 },
      { left: 0, top: 90, width: 100, height: 30 },
    ])
  })

  it('keeps every card inside its box and off the others, at any width', () => {
    fc.assert(
      fc.property(stops, heights, fc.integer({ min: 400, max: 2000 }), (settings, cards, width) => {
        const placed = grid.layout(settings, cards, width)
        expect(placed).toHaveLength(cards.length)
        placed.forEach((one, at) => {
          expect(one.left).toBeGreaterThanOrEqual(0)
          expect(one.left + one.width).toBeLessThanOrEqual(width + 1e-6)
          const next = placed[at + 1]
          if (next)
            expect(next.left >= one.left + one.width - 1e-6 || next.top >= one.top + one.height).toBe(true)
        })
      }),
    )
  })

  it('keeps natural heights where they are wanted', () => {
    const settings = {
      ...grid.defaults,
      heights: 'natural',
      stops: [{ from: 0, columns: 2, columnGap: 20, rowGap: 10 }],
    } as const
    expect(grid.layout(settings, [50, 80, 30], 220).map((one) => [one.top, one.height])).toEqual([
      [0, 50],
      [0, 80],
      [90, 30],
    ])
  })

  it('has as many columns as fit, and says their width truly at every width', () => {
    fc.assert(
      fc.property(
        stops,
        fc.integer({ min: 80, max: 400 }),
        fc.integer({ min: 80, max: 2400 }),
        (settings, fit, width) => {
          const fitting = { ...settings, fit }
          const columns = columnsAt(fitting, width)
          const [first] = grid.layout(fitting, [10], width)
          expect(columns === 1 || (first?.width ?? 0) >= fit - 1e-6).toBe(true)
          if (columns >= 16) return
          const known = grid.cardWidths(fitting).findLast((one) => one.from <= width)
          expect(((width - (known?.minus ?? 0)) / (known?.parts ?? 1)).toFixed(3)).toBe(
            (first?.width ?? 0).toFixed(3),
          )
        },
      ),
    )
  })

  it('says the widest first and the narrower aside', () => {
    expect(grid.words(grid.defaults, { carriesPicture: true })).toEqual({
      text: 'a grid of 3 columns',
      aside: '2 · 1',
    })
    expect(
      grid.words(
        { ...grid.defaults, stops: [{ from: 0, columns: 1, columnGap: 0, rowGap: 0 }] },
        { carriesPicture: true },
      ),
    ).toEqual({ text: 'a grid of 1 column', aside: null })
  })
})
