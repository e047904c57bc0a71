import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { IANAZone } from 'luxon'
import {
  clockChanges,
  fromWallClock,
  instantOfWall,
  isZone,
  startOfDayBefore,
  toWallClock,
  wallOf,
} from './zones'

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
    // Casey’s clocks went back from three to midnight on 9 March 2023 (IANA time zone database).
    ['2023-03-09T07:00:00Z', 0, 'Antarctica/Casey', '2023-03-08T13:00:00.000Z'],
    // São Paulo’s skipped midnight on 4 November 2018, Apia’s the whole of 30 December 2011 (the same).
    ['2018-11-04T15:00:00Z', 0, 'America/Sao_Paulo', '2018-11-04T03:00:00.000Z'],
    ['2011-12-31T15:00:00Z', 1, 'Pacific/Apia', '2011-12-30T10:00:00.000Z'],
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
  it('shows what Luxon says, in every zone that there is and about each change of its clock', () => {
    const anywhere = fc.constantFrom(...Intl.supportedValuesOf('timeZone'))
    const hour = 3_600_000
    fc.assert(
      fc.property(anywhere, fc.integer({ min: -60, max: 70 }), (zone, years) => {
        const offset = (at: number) => Math.round(IANAZone.create(zone).offset(at) * 60_000)
        const begin = Date.UTC(1970 + years, 0, 1)
        const days = Array.from({ length: 366 }, (_, day) => begin + day * 24 * hour)
        const changes = days.filter((at) => offset(at) !== offset(at + 24 * hour))
        const about = changes.flatMap((at) =>
          Array.from({ length: 60 }, (_, some) => at + (some - 18) * hour),
        )
        for (const at of [...days, ...about]) expect(wallOf(at, zone) - at).toBe(offset(at))
      }),
      { numRuns: 60 },
    )
    for (let at = Date.UTC(2000, 9, 1); at < Date.UTC(2000, 10, 1); at += hour)
      expect(wallOf(at, 'America/Recife') - at).toBe(
        at < Date.UTC(2000, 9, 8, 3) || at >= Date.UTC(2000, 9, 15, 2) ? -3 * hour : -2 * hour,
      )
  })

  it('reads back what it wrote, to the minute', () => {
    fc.assert(
      fc.property(instants, zones, (instant, zone) => {
        const read = fromWallClock(toWallClock(instant, zone), zone)
        expect(read).not.toBeNull()
        expect(toWallClock(read ?? 0, zone)).toBe(toWallClock(instant, zone))
      }),
    )
  })

  // Recife put its clocks forward on 8 October 2000 and back on the 15th (IANA time zone database).
  it('tells each of its changes, also two within eight days, from whatever day on', () => {
    const [least, most] = [-3 * 3_600_000, -2 * 3_600_000]
    for (let day = 1; day < 30; day += 1)
      expect(clockChanges('America/Recife', Date.UTC(2000, 8, day, 12), Date.UTC(2000, 11, 1))).toEqual([
        { at: Date.UTC(2000, 9, 8, 3), before: least, after: most },
        { at: Date.UTC(2000, 9, 15, 2), before: most, after: least },
      ])
  })

  // RFC 5545, 3.3.5, has both: half past two, which is skipped, and half past one, which comes twice.
  it.each([
    ['2007-03-11T02:30:00Z', '2007-03-11T07:30:00Z'],
    ['2007-11-04T01:30:00Z', '2007-11-04T05:30:00Z'],
  ])('reads %s of New York as calendars do', (wall, instant) => {
    expect(instantOfWall(Date.parse(wall), 'America/New_York')).toBe(Date.parse(instant))
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
