import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { fromWallClock, isZone, startOfDayBefore, toWallClock } from './zones'

/** Referee: the platform's own calendar, through Intl. */
function civilDate(instant: number, zone: string): string {
  return new Intl.DateTimeFormat('en-CA', { dateStyle: 'short', timeZone: zone }).format(instant)
}

function daysBefore(date: string, days: number): string {
  return new Date(Date.parse(date) - days * 86_400_000).toISOString().slice(0, 10)
}

const zones = fc.constantFrom(
  'Europe/London',
  'America/New_York',
  'Pacific/Auckland',
  'Asia/Kathmandu',
  'America/Sao_Paulo',
  'UTC',
)
const instants = fc.integer({ min: Date.UTC(1990, 0, 1), max: Date.UTC(2040, 0, 1) })

describe('the start of a day some days ago', () => {
  it.each([
    // British clocks went forward on 29 March 2026 and back on 25 October 2026 (IANA time zone database).
    ['2026-03-30T10:00:00Z', 1, 'Europe/London', '2026-03-29T00:00:00.000Z'],
    ['2026-03-30T10:00:00Z', 0, 'Europe/London', '2026-03-29T23:00:00.000Z'],
    ['2026-10-26T10:00:00Z', 1, 'Europe/London', '2026-10-24T23:00:00.000Z'],
    ['2028-03-01T12:00:00Z', 1, 'UTC', '2028-02-29T00:00:00.000Z'],
  ])('%s, %i days, %s', (now, days, zone, expected) => {
    expect(new Date(startOfDayBefore(Date.parse(now), days, zone)).toISOString()).toBe(expected)
  })

  it('is the first instant of that calendar day in every zone', () => {
    fc.assert(
      fc.property(instants, fc.integer({ min: 0, max: 800 }), zones, (now, days, zone) => {
        const start = startOfDayBefore(now, days, zone)
        const date = daysBefore(civilDate(now, zone), days)
        expect(civilDate(start, zone)).toBe(date)
        expect(civilDate(start - 1, zone)).toBe(daysBefore(date, 1))
      }),
    )
  })
})

describe('the wall clock', () => {
  it('reads back what it wrote, to the minute', () => {
    fc.assert(
      fc.property(instants, zones, (instant, zone) => {
        const read = fromWallClock(toWallClock(instant, zone), zone)
        expect(read).not.toBeNull()
        expect(toWallClock(read ?? 0, zone)).toBe(toWallClock(instant, zone))
      }),
    )
  })

  it('takes the first of a time that comes twice, and moves a skipped one forward', () => {
    expect(fromWallClock('2026-10-25T01:30', 'Europe/London')).toBe(Date.parse('2026-10-25T00:30:00Z'))
    expect(fromWallClock('2026-03-29T01:30', 'Europe/London')).toBe(Date.parse('2026-03-29T01:30:00Z'))
  })

  it.each(['', '2026-02-30T10:00', 'tomorrow', '2026-01-01'])('refuses “%s”', (text) => {
    expect(fromWallClock(text, 'UTC')).toBeNull()
  })

  it('knows zones', () => {
    expect(isZone('Europe/London')).toBe(true)
    expect(isZone('Moon/Base')).toBe(false)
  })
})
