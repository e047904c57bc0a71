import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readLength, steppedLength } from './length-input'
import { pixelsOf } from './length-pixels'
import { lengthParts, lengthUnits } from './properties/values'
import type { Length } from './properties/values'

describe('a length as it is typed', () => {
  it.each<[string, Length | null]>([
    ['21', '21px'],
    [' 1.25em ', '1.25em'],
    ['.5rem', '0.5rem'],
    ['1,5em', '1.5em'],
    ['-8', '-8px'],
    ['12+4', '16px'],
    ['12 + 4 * 2', '20px'],
    ['3*8px', '24px'],
    ['1em / 3', '0.333em'],
    ['20px - 6 × 2', '8px'],
    ['-4+6', '2px'],
    ['', null],
    ['12px + 1em', null],
    ['12 4', null],
    ['12+', null],
    ['*2', null],
    ['2+*3', null],
    ['2+-3', null],
    ['1/0', null],
    ['12pt', null],
    ['twelve', null],
  ])('reads %j as %j', (text, length) => expect(readLength(text)).toBe(length))

  it('is in the unit of before where none is typed', () => {
    expect(readLength('2', 'em')).toBe('2em')
    expect(readLength('2px', 'em')).toBe('2px')
  })

  const numbers = fc.integer({ min: -4000, max: 4000 }).map((value) => value / 8)
  const units = fc.constantFrom(...lengthUnits)

  it('reads back what it is written as', () => {
    fc.assert(
      fc.property(numbers, units, (value, unit) => {
        expect(readLength(`${value}${unit}`)).toBe(`${value}${unit}`)
      }),
    )
  })

  it('adds and takes away as numbers do', () => {
    fc.assert(
      fc.property(numbers, numbers.map(Math.abs), numbers.map(Math.abs), units, (first, more, less, unit) => {
        const read = readLength(`${first}${unit} + ${more} - ${less}`)
        expect(read === null ? NaN : lengthParts(read).value).toBeCloseTo(first + more - less, 2)
      }),
    )
  })

  it('is stepped back to where it was', () => {
    fc.assert(
      fc.property(numbers, units, fc.integer({ min: -30, max: 30 }), (value, unit, steps) => {
        const length: Length = `${value}${unit}`
        expect(steppedLength(steppedLength(length, steps), -steps)).toBe(length)
      }),
    )
    expect(steppedLength('1.2em', 1)).toBe('1.3em')
    expect(steppedLength('12px', -10)).toBe('2px')
  })
})

it('is so many CSS pixels, by the steps of its scale', () => {
  const steps = [
    { name: 'wide', value: 28, unit: 'px' as const },
    { name: 'own', value: 1.5, unit: 'rem' as const },
  ]
  expect(['wide', 'own', '12.5px', '2rem', '2em', '50%', 'gone'].map((one) => pixelsOf(one, steps))).toEqual([
    28,
    24,
    12.5,
    32,
    null,
    null,
    null,
  ])
})
