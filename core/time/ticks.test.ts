import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { niceNumber, tickStep, ticksBetween } from './ticks'

const zones = ['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Pacific/Apia', 'Asia/Kathmandu']
const at = (text: string, zone = 'utc') => DateTime.fromISO(text, { zone }).toMillis()
const dayMs = 86_400_000

describe('nice numbers', () => {
  it('label 105 to 543 by hundreds, as Heckbert does (Graphics Gems, 1990; from memory)', () => {
    const range = niceNumber(543 - 105, false)
    expect(range).toBe(500)
    expect(niceNumber(range / (5 - 1), true)).toBe(100)
  })

  it.each([
    [1.4, true, 1],
    [1.5, true, 2],
    [2.9, true, 2],
    [3, true, 5],
    [6.9, true, 5],
    [7, true, 10],
    [1, false, 1],
    [1.1, false, 2],
    [2.1, false, 5],
    [5.1, false, 10],
    [0.031, true, 0.05],
  ])('make of %f (rounded: %s) %f: the edges of the procedure', (number, rounded, nice) => {
    expect(niceNumber(number, rounded)).toBeCloseTo(nice, 12)
  })
})

describe('marks along time', () => {
  it.each([
    ['1962-03-04', '2026-11-28', 6, 'year', 10],
    ['2019-01-01', '2026-11-28', 8, 'year', 1],
    ['2026-01-01', '2026-12-31', 5, 'month', 3],
    ['2026-01-01', '2026-12-31', 12, 'month', 1],
    ['2026-11-01', '2026-11-30', 5, 'day', 7],
    ['2026-11-01', '2026-11-08', 8, 'day', 1],
    ['2026-11-28T09:00', '2026-11-28T17:00', 9, 'hour', 1],
    ['2026-11-28T09:00', '2026-11-28T10:00', 5, 'minute', 15],
  ] as const)('from %s to %s, about %i, stand by %s: %i', (from, to, wanted, unit, count) => {
    expect(tickStep(at(to) - at(from), wanted)).toEqual({ unit, count })
  })

  it('are at full decades, and at Mondays', () => {
    const decades = ticksBetween(
      at('1962-03-04', 'Europe/London'),
      at('2006-11-01', 'Europe/London'),
      { unit: 'year', count: 10 },
      'Europe/London',
    )
    expect(decades).toEqual(
      [1970, 1980, 1990, 2000].map((year) => at(`${year}-01-01T00:00`, 'Europe/London')),
    )
    const mondays = ticksBetween(
      at('2026-11-01'),
      at('2026-11-30'),
      { unit: 'day', count: 7 },
      'Asia/Kathmandu',
    )
    expect(mondays.map((one) => DateTime.fromMillis(one, { zone: 'Asia/Kathmandu' }).toISODate())).toEqual([
      '2026-11-02',
      '2026-11-09',
      '2026-11-16',
      '2026-11-23',
      '2026-11-30',
    ])
  })

  it('are about as many as wanted, rise, and stand at full units in every zone', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: at('0900-01-01'), max: at('2400-01-01') }),
        fc.double({ min: Math.log(600_000), max: Math.log(400 * 365 * dayMs), noNaN: true }),
        fc.integer({ min: 3, max: 12 }),
        fc.constantFrom(...zones),
        (from, size, wanted, zone) => {
          const length = Math.exp(size)
          const step = tickStep(length, wanted)
          const ticks = ticksBetween(from, from + length, step, zone)
          expect(ticks.length).toBeLessThanOrEqual(2.9 * wanted)
          expect(ticks.length).toBeGreaterThanOrEqual(Math.floor(wanted / 3) - 1)
          for (const [index, tick] of ticks.entries()) {
            expect(tick).toBeGreaterThan(ticks[index - 1] ?? from - 1)
            const wall = DateTime.fromMillis(tick, { zone })
            // Of a skipped midnight the day begins later; offsets before clocks had zones have seconds.
            if (step.unit === 'year' && wall.hour === 0) expect([wall.month, wall.day]).toEqual([1, 1])
            if (step.unit === 'month' && wall.hour === 0) expect(wall.day).toBe(1)
          }
        },
      ),
    )
  })
})
