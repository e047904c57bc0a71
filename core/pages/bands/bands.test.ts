import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { areaOf, boxWidthOn, frames } from '../frames'
import type { Area } from '../frames'
import { bandReaches, newBand } from './definition'
import type { Band } from './definition'
import { besideFromOf, columnBox, columnGap } from './geometry'
import { contrastOf, readColour } from '../../looks/colour'
import { inkOn } from './tone'

const areas: readonly Area[] = frames.all.flatMap((frame) => [...frame.areas])
const bands = fc
  .record({
    reach: fc.constantFrom(...bandReaches),
    hasGround: fc.boolean(),
    parts: fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 4 }),
  })
  .map(({ reach, hasGround, parts }): Band => ({
    ...newBand(1),
    reach,
    background: hasGround ? { is: 'colour', colour: '#efe8d8' } : { is: 'none' },
    columns: parts.map((one) => ({ parts: one, placements: [] })),
  }))

describe('the columns of a band', () => {
  it('share what the band has in their proportions, or each has all of it where one would be too narrow', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...areas),
        bands,
        fc.double({ min: 320, max: 2600, noNaN: true }),
        (area, band, page) => {
          const whole = boxWidthOn(columnBox(area, { ...band, columns: band.columns.slice(0, 1) }, 0), page)
          const widths = band.columns.map((_, at) => boxWidthOn(columnBox(area, band, at), page))
          const from = besideFromOf(band)
          if (band.columns.length === 1 || whole < from - 1e-6) {
            for (const width of widths) expect(width).toBeCloseTo(whole, 6)
            return
          }
          if (Math.abs(whole - from) < 1e-3) return
          const all = widths.reduce((sum, width) => sum + width, 0)
          expect(all + (widths.length - 1) * columnGap).toBeCloseTo(whole, 6)
          widths.forEach((width, at) => {
            expect(width).toBeGreaterThanOrEqual(200 - 1e-6)
            expect(width / (band.columns[at]?.parts ?? 1)).toBeCloseTo(
              (widths[0] ?? 0) / (band.columns[0]?.parts ?? 1),
              6,
            )
          })
        },
      ),
    )
  })

  it('are as wide as their area where nothing is set, in every frame', () => {
    for (const area of areas)
      for (const page of [320, 639, 640, 999, 1000, 1279, 1280, 2000])
        expect(boxWidthOn(columnBox(area, newBand(1), 0), page)).toBe(boxWidthOn(area, page))
  })

  it('reach beyond their area only where nothing stands beside it', () => {
    const whole = { ...newBand(1), reach: 'whole' as const }
    const [across, beside] = [areaOf('one-column', 'main'), areaOf('main-side', 'main')]
    if (across === undefined || beside === undefined) throw new Error('Both frames have a main area.')
    expect(boxWidthOn(columnBox(across, whole, 0), 2000)).toBe(2000 - 112)
    expect(boxWidthOn(columnBox(beside, whole, 0), 2000)).toBe(boxWidthOn(beside, 2000))
  })
})

describe('the ink of a band', () => {
  it('can be read on any colour', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (number) => {
        const colour = `#${number.toString(16).padStart(6, '0')}`
        const [ground, ink] = [readColour(colour), readColour(inkOn({ is: 'colour', colour }) ?? '')]
        expect(ground && ink && contrastOf(ink, ground)).toBeGreaterThanOrEqual(4.5)
      }),
    )
    expect(inkOn({ is: 'colour', colour: '#efe8d8' })).toBe('#1d2b24')
    expect(inkOn({ is: 'picture', picture: 1, colour: '#1d2b24', veil: 60 })).toBe('#fffef9')
    expect(inkOn({ is: 'none' })).toBeNull()
  })
})
