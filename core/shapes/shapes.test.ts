import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { anyShape, shapeNamed, stops } from '~~/tests/support/shape-arbitraries'
import { pictureWidthsOf, shapeOf, shapePhrase, shapes, switchedShape } from './index'
import type { ShapeChoice } from './index'
import { mostStops, narrower, stopAt, withAddedStop, withMovedStop, withoutStop } from './stops'

const heights = fc.array(fc.integer({ min: 1, max: 900 }), { maxLength: 20 })
const boxWidth = fc.integer({ min: 400, max: 2000 })

function isValid(choice: ShapeChoice): boolean {
  return shapeOf(choice).schema.isValidSync(choice, { strict: true })
}

describe('every shape', () => {
  it('has defaults that its own schema takes', () => {
    for (const shape of shapes.all)
      expect(isValid({ ...shape.defaults, name: shape.name } as ShapeChoice), shape.name).toBe(true)
  })

  it('is valid with any settings, and says what it is in words', () => {
    fc.assert(
      fc.property(anyShape, (choice) => {
        expect(isValid(choice)).toBe(true)
        expect(shapePhrase(choice, { carriesPicture: true }).text).toMatch(/^(?:an? |masonry|slides|tabs|\d)/)
      }),
    )
  })

  it.each(shapes.names)('keeps cards off each other: %s', (name) => {
    fc.assert(
      fc.property(shapeNamed(name), heights, boxWidth, (choice, cards, width) => {
        const placed = shapeOf(choice).layout(choice, cards, width)
        expect(placed).toHaveLength(cards.length)
        if (name === 'index') return
        for (const [at, one] of placed.entries())
          for (const other of placed.slice(at + 1)) {
            const beside =
              other.left >= one.left + one.width - 1e-6 || one.left >= other.left + other.width - 1e-6
            expect(
              beside ||
                other.top >= one.top + one.height - 1e-6 ||
                one.top >= other.top + other.height - 1e-6,
            ).toBe(true)
          }
      }),
    )
  })

  it('says truly how wide cards are', () => {
    fc.assert(
      fc.property(anyShape, boxWidth, (choice, width) => {
        const shape = shapeOf(choice)
        const [first] = shape.layout(choice, [100], width)
        const known = shape.cardWidths(choice).findLast((one) => one.from <= width)
        const tooMany = choice.name === 'grid' && choice.fit !== null && width > 16 * choice.fit
        if (!tooMany)
          expect((width - (known?.minus ?? 0)) / (known?.parts ?? 1)).toBeCloseTo(first?.width ?? 0, 6)
      }),
    )
  })

  it('never has pictures wider than their box', () => {
    fc.assert(
      fc.property(
        anyShape,
        boxWidth,
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (choice, width, share) => {
          const known = pictureWidthsOf(choice, share).findLast((one) => one.from <= width)
          const picture = (width - (known?.minus ?? 0)) / (known?.parts ?? 1)
          expect(picture).toBeGreaterThan(0)
          expect(picture).toBeLessThanOrEqual(width + 1e-6)
        },
      ),
    )
  })

  it('moves any of its stops and stays valid, within any limits', () => {
    fc.assert(
      fc.property(anyShape, fc.nat(5), fc.integer({ min: -100, max: 5000 }), (choice, at, from) => {
        const shape = shapeOf(choice)
        const known = shape.stops(choice)
        const moved = {
          ...choice,
          ...shape.moveStop(choice, Math.min(at, known.length - 1), from),
        } as ShapeChoice
        expect(isValid(moved)).toBe(true)
        expect(known[0]?.from).toBe(0)
      }),
    )
  })

  it('is changed for another that is valid, and back without losing its columns', () => {
    fc.assert(
      fc.property(anyShape, fc.constantFrom(...shapes.names), (choice, name) => {
        const other = switchedShape(choice, name)
        expect(other.name).toBe(name)
        expect(isValid(other)).toBe(true)
        expect([other.align, other.direction]).toEqual([choice.align, choice.direction])
      }),
    )
    const wide = {
      ...shapes.get('grid').defaults,
      name: 'grid',
      stops: [{ from: 0, columns: 4, columnGap: 9, rowGap: 8 }],
    } as ShapeChoice
    expect(switchedShape(wide, 'masonry')).toMatchObject({
      stops: [{ from: 0, columns: 4, columnGap: 9, rowGap: 8 }],
    })
    expect(switchedShape(switchedShape(wide, 'slides'), 'grid')).toMatchObject({
      stops: [{ from: 0, columns: 4, columnGap: 9 }],
    })
  })
})

describe('stops', () => {
  it('have one in force at every width, the widest that is reached', () => {
    fc.assert(
      fc.property(stops, fc.integer({ min: 0, max: 3000 }), (all, width) => {
        const inForce = stopAt(all, width)
        expect(inForce.from).toBeLessThanOrEqual(width)
        expect(all.every((stop) => stop.from > width || stop.from <= inForce.from)).toBe(true)
      }),
    )
  })

  it('are moved, added and taken away without ever crossing', () => {
    fc.assert(
      fc.property(stops, fc.nat(5), fc.integer({ min: -100, max: 5000 }), (all, at, from) => {
        for (const { stops: next } of [
          withMovedStop({ stops: all }, Math.min(at, all.length - 1), from),
          withAddedStop({ stops: all }) ?? { stops: all },
          withoutStop({ stops: all }, Math.min(at, all.length - 1)),
        ]) {
          expect(next[0]?.from).toBe(0)
          expect(next.length).toBeLessThanOrEqual(mostStops)
          expect(next.every((stop, index) => index === 0 || stop.from > (next[index - 1]?.from ?? 0))).toBe(
            true,
          )
        }
      }),
    )
  })

  it('say what narrower widths get, widest first, and only what differs', () => {
    expect(narrower([1, 2, 3])).toBe('2 · 1')
    expect(narrower([1, 1, 3])).toBe('1')
    expect(narrower([2, 2])).toBeNull()
  })
})
