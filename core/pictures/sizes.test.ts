import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { frames } from '../pages/frames'
import { grid } from '../shapes/grid'
import { widthsOf } from './picture'
import { cardWidthAt, sizesOf } from './sizes'

/** Reads a sizes attribute as HTML (4.8.4.2.1) says, for the few forms that occur here. */
function sizeAt(sizes: string, pageWidth: number): number {
  for (const source of sizes.split(', ')) {
    const [, least, size = ''] = /^(?:\(min-width: (\d+)px\) )?(.+)$/.exec(source) ?? []
    if (least !== undefined && pageWidth < Number(least)) continue
    const arithmetic = size
      .replace('calc', '')
      .replaceAll(/([\d.]+)vw/g, (_, share: string) => `(${share} / 100 * ${pageWidth})`)
      .replaceAll('px', '')
    return Number(Function(`return ${arithmetic}`)())
  }
  throw new Error('No source applies.')
}

describe('the sizes of a card’s picture', () => {
  const areas = frames.all.flatMap((frame) => frame.areas.map((area) => ({ frame: frame.name, area })))
  it.each(areas)('are exact at every width of the page: $area.title of $frame', ({ area }) => {
    const cards = grid.cardWidths(grid.defaults)
    const sizes = sizesOf(area, cards)
    fc.assert(
      fc.property(fc.integer({ min: 320, max: 2400 }), (pageWidth) => {
        expect(sizeAt(sizes, pageWidth)).toBeCloseTo(cardWidthAt(area, cards, pageWidth), 1)
      }),
    )
  })

  it('names one plain length where nothing changes', () => {
    const area = { name: 'x', title: 'X', widths: [{ from: 0, factor: 0, plus: 300 }] } as const
    expect(sizesOf(area, [{ from: 0, parts: 1, minus: 0 }])).toBe('300px')
  })
})

describe('the widths of a picture', () => {
  it('rise to its own and never pass it', () => {
    expect(widthsOf({ width: 1600 })).toEqual([160, 240, 320, 480, 640, 800, 1120, 1600])
    expect(widthsOf({ width: 280 })).toEqual([160, 240, 280])
    expect(widthsOf({ width: 40 })).toEqual([40])
  })
})
