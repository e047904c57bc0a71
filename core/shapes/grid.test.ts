import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { grid, gridStopAt, mostStops, withAddedGridStop } from './grid'
import type { GridSettings } from './grid'

const heights = fc.array(fc.integer({ min: 1, max: 900 }), { maxLength: 20 })
const stops: fc.Arbitrary<GridSettings> = fc
  .uniqueArray(fc.integer({ min: 1, max: 30 }), { maxLength: mostStops - 1 })
  .chain((places) =>
    fc.tuple(
      ...[0, ...places.sort((a, b) => a - b)].map((place) =>
        fc.record({
          from: fc.constant(place * 60),
          columns: fc.integer({ min: 1, max: 6 }),
          columnGap: fc.integer({ min: 0, max: 60 }),
          rowGap: fc.integer({ min: 0, max: 60 }),
        }),
      ),
    ),
  )
  .map((all) => ({ stops: all }))

describe('the grid', () => {
  it('fills rows from the left, each as high as its highest card', () => {
    const settings = { stops: [{ from: 0, columns: 2, columnGap: 20, rowGap: 10 }] }
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
          if (next) expect(next.left >= one.left + one.width - 1e-6 || next.top >= one.top + one.height).toBe(true)
        })
      }),
    )
  })

  it('has one stop in force at every width, the widest that is reached', () => {
    fc.assert(
      fc.property(stops, fc.integer({ min: 0, max: 3000 }), (settings, width) => {
        const inForce = gridStopAt(settings, width)
        expect(inForce.from).toBeLessThanOrEqual(width)
        expect(settings.stops.every((stop) => stop.from > width || stop.from <= inForce.from)).toBe(true)
      }),
    )
  })

  it('moves and adds stops without ever crossing them', () => {
    fc.assert(
      fc.property(stops, fc.nat(5), fc.integer({ min: -100, max: 5000 }), (settings, at, from) => {
        const moved = grid.moveStop(settings, Math.min(at, settings.stops.length - 1), from)
        for (const next of [moved, withAddedGridStop(settings) ?? settings])
          expect(grid.schema.isValidSync({ name: 'grid', ...next }, { strict: true })).toBe(true)
      }),
    )
  })

  it('says the widest first and the narrower aside', () => {
    expect(grid.words(grid.defaults)).toEqual({ text: 'grid of 3 columns', aside: '2 · 1' })
    expect(grid.words({ stops: [{ from: 0, columns: 1, columnGap: 0, rowGap: 0 }] })).toEqual({ text: 'grid of 1 column', aside: null })
  })
})
