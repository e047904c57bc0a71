import fc from 'fast-check'
import pg from 'pg'
import { describe, expect, it } from 'vitest'
import { quickly } from './timestamps'

/** Referee: the driver's own parser. */
const listOfInstants: number = 1185
const lists = pg.types.getTypeParser(listOfInstants) as (text: string) => readonly (Date | number)[]
const slowly = (text: string) => lists(`{"${text}"}`)[0]

const two = (number: number) => String(number).padStart(2, '0')
const texts = fc
  .record({
    year: fc.oneof(fc.integer({ min: 1, max: 120 }), fc.integer({ min: 1, max: 12_000 })),
    month: fc.integer({ min: 1, max: 12 }),
    day: fc.integer({ min: 1, max: 28 }),
    of: fc.integer({ min: 0, max: 86_399 }),
    fraction: fc.constantFrom('', '.5', '.123', '.123456'),
    zone: fc.constantFrom('+00', '+00', '+01', '-08', '+05:45', '-00:01:15'),
    era: fc.constantFrom('', '', ' BC'),
  })
  .map(({ year, month, day, of, fraction, zone, era }) => {
    const time = [Math.floor(of / 3600), Math.floor(of / 60) % 60, of % 60].map(two).join(':')
    return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)} ${time}${fraction}${zone}${era}`
  })

describe('instants from the database', () => {
  it('are what the driver’s own parser makes of them, whatever PostgreSQL writes', () => {
    const quick = quickly(slowly)
    fc.assert(
      fc.property(texts, (text) => {
        expect(quick(text)).toEqual(slowly(text))
      }),
      { numRuns: 2000 },
    )
    for (const text of ['infinity', '-infinity']) expect(quick(text)).toBe(slowly(text))
  })

  it('are left to that only where they are not whole seconds of UTC', () => {
    const quick = quickly(() => 'left')
    expect(quick('2026-11-30 10:00:00+00')).toEqual(new Date('2026-11-30T10:00:00Z'))
    expect(quick('0099-11-30 10:00:00+00')).toBe('left')
    expect(quick('2026-11-30 10:00:00.5+00')).toBe('left')
  })
})
