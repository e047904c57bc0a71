import {
  addDays,
  addMonths,
  addWeeks,
  addYears,
  endOfMonth,
  startOfDay,
  startOfISOWeek,
  startOfMonth,
  startOfYear,
  subDays,
  subMonths,
  subWeeks,
  subYears,
} from 'date-fns'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { daysOf, firstDayOfWeek, instantsOf, nextMidnight } from './windows'
import type { DateWindow, WindowUnit } from './windows'

const at = (text: string) => Date.parse(text)
const iso = (instant: number | null) => (instant === null ? null : new Date(instant).toISOString())
const london = (now: string) => ({ now: at(now), zone: 'Europe/London', locale: 'en-GB' })

describe('a stretch of time', () => {
  // British clocks went forward on 29 March 2026 and go back on 25 October 2026 (IANA time zone database).
  it.each<[DateWindow, string, string | null, string | null]>([
    [
      { is: 'last', count: 2, unit: 'day' },
      '2026-03-30T10:00:00Z',
      '2026-03-29T00:00:00.000Z',
      '2026-03-30T10:00:00.001Z',
    ],
    [
      { is: 'last', count: 1, unit: 'day' },
      '2026-03-30T10:00:00Z',
      '2026-03-29T23:00:00.000Z',
      '2026-03-30T10:00:00.001Z',
    ],
    [
      { is: 'next', count: 2, unit: 'day' },
      '2026-10-24T12:00:00Z',
      '2026-10-24T12:00:00.001Z',
      '2026-10-26T00:00:00.000Z',
    ],
    [
      { is: 'this', unit: 'day' },
      '2026-10-25T12:00:00Z',
      '2026-10-24T23:00:00.000Z',
      '2026-10-26T00:00:00.000Z',
    ],
    [
      { is: 'this', unit: 'month' },
      '2028-02-29T12:00:00Z',
      '2028-02-01T00:00:00.000Z',
      '2028-03-01T00:00:00.000Z',
    ],
    [
      { is: 'last', count: 1, unit: 'month' },
      '2026-03-31T12:00:00Z',
      '2026-03-01T00:00:00.000Z',
      '2026-03-31T12:00:00.001Z',
    ],
    [
      { is: 'last', count: 1, unit: 'year' },
      '2028-02-29T12:00:00Z',
      '2027-03-01T00:00:00.000Z',
      '2028-02-29T12:00:00.001Z',
    ],
    [
      { is: 'between', from: '2026-03-29', to: '2026-03-29' },
      '2026-01-01T00:00:00Z',
      '2026-03-29T00:00:00.000Z',
      '2026-03-29T23:00:00.000Z',
    ],
    [
      { is: 'between', from: null, to: '2026-03-29' },
      '2026-01-01T00:00:00Z',
      null,
      '2026-03-29T23:00:00.000Z',
    ],
    [{ is: 'upcoming' }, '2026-03-29T00:30:00Z', '2026-03-29T00:30:00.001Z', null],
    [{ is: 'past' }, '2026-03-29T00:30:00Z', null, '2026-03-29T00:30:00.001Z'],
  ])('%j at %s', (window, now, from, before) => {
    const range = instantsOf(window, london(now))
    expect([iso(range.from), iso(range.before)]).toEqual([from, before])
  })

  // ISO 8601 week dates: 2004-W53 holds 1 January 2005; 2008-W01 begins on 31 December 2007.
  it.each([
    ['2005-01-01T12:00:00Z', '2004-12-27T00:00:00.000Z'],
    ['2008-01-01T12:00:00Z', '2007-12-31T00:00:00.000Z'],
  ])('is the week of ISO 8601 where weeks begin on Monday: %s', (now, from) => {
    expect(iso(instantsOf({ is: 'this', unit: 'week' }, london(now)).from)).toBe(from)
  })

  it('begins weeks where the language does', () => {
    expect([firstDayOfWeek('en-GB'), firstDayOfWeek('en-US'), firstDayOfWeek('ar-EG')]).toEqual([1, 7, 6])
    expect(
      iso(
        instantsOf(
          { is: 'this', unit: 'week' },
          { now: at('2026-03-04T12:00:00Z'), zone: 'UTC', locale: 'en-US' },
        ).from,
      ),
    ).toBe('2026-03-01T00:00:00.000Z')
  })

  // Referee: date-fns, which knows the machine's zone alone; the tests run in UTC.
  it('is what another date library counts', () => {
    const less = { day: subDays, week: subWeeks, month: subMonths, year: subYears }
    const more = { day: addDays, week: addWeeks, month: addMonths, year: addYears }
    const starts: Record<WindowUnit, (date: Date) => Date> = {
      day: startOfDay,
      week: startOfISOWeek,
      month: startOfMonth,
      year: startOfYear,
    }
    const unit = fc.constantFrom<WindowUnit[]>('day', 'week', 'month', 'year')
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(1990, 0, 1), max: Date.UTC(2040, 0, 1) }),
        fc.integer({ min: 1, max: 60 }),
        unit,
        (now, count, of) => {
          const place = { now, zone: 'UTC', locale: 'en-GB' }
          const today = startOfDay(now)
          expect(instantsOf({ is: 'last', count, unit: of }, place).from).toBe(
            addDays(less[of](today, count), 1).getTime(),
          )
          expect(instantsOf({ is: 'next', count, unit: of }, place).before).toBe(
            more[of](today, count).getTime(),
          )
          expect(instantsOf({ is: 'this', unit: of }, place).from).toBe(starts[of](today).getTime())
          if (of === 'month')
            expect(instantsOf({ is: 'this', unit: of }, place).before).toBe(endOfMonth(today).getTime() + 1)
        },
      ),
    )
  })

  it('counts today as yet to come where values are days', () => {
    const place = london('2026-07-01T22:30:00Z')
    expect(iso(daysOf({ is: 'upcoming' }, place).from)).toBe('2026-07-01T00:00:00.000Z')
    expect(iso(daysOf({ is: 'past' }, { ...place, now: at('2026-07-01T23:30:00Z') }).before)).toBe(
      '2026-07-02T00:00:00.000Z',
    )
    const next = daysOf({ is: 'next', count: 2, unit: 'day' }, place)
    expect([iso(next.from), iso(next.before)]).toEqual([
      '2026-07-01T00:00:00.000Z',
      '2026-07-03T00:00:00.000Z',
    ])
    const last = daysOf({ is: 'last', count: 2, unit: 'day' }, place)
    expect([iso(last.from), iso(last.before)]).toEqual([
      '2026-06-30T00:00:00.000Z',
      '2026-07-02T00:00:00.000Z',
    ])
  })

  // Clocks go back from one o'clock to midnight: Azores on 25 October 2026, Havana on 1 November
  // 2026 (IANA time zone database).
  it.each([
    ['Atlantic/Azores', '2026-10-25', '2026-10-25T00:00:00.000Z', '2026-10-26T01:00:00.000Z'],
    ['America/Havana', '2026-11-01', '2026-11-01T04:00:00.000Z', '2026-11-02T05:00:00.000Z'],
  ])('begins a day at the first midnight where it comes twice: %s', (zone, day, from, before) => {
    const place = { now: at(`${day}T12:00:00Z`), zone, locale: 'en-GB' }
    const range = instantsOf({ is: 'between', from: day, to: day }, place)
    expect([iso(range.from), iso(range.before)]).toEqual([from, before])
    expect(iso(instantsOf({ is: 'this', unit: 'day' }, place).from)).toBe(from)
    expect(iso(nextMidnight(at(from) - 1, zone))).toBe(from)
  })

  it('leaves no instant out of every day, and none in two, in zones with odd midnights', () => {
    const zones = fc.constantFrom(
      'Atlantic/Azores',
      'America/Havana',
      'Asia/Beirut',
      'America/Sao_Paulo',
      'Australia/Lord_Howe',
      'Africa/Cairo',
      'America/Asuncion',
      'Asia/Gaza',
    )
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(1995, 0, 1), max: Date.UTC(2035, 0, 1) }),
        zones,
        (now, zone) => {
          const today = instantsOf({ is: 'this', unit: 'day' }, { now, zone, locale: 'en-GB' })
          expect(today.from).toBeLessThanOrEqual(now)
          expect(today.before).toBeGreaterThan(now)
          expect(
            instantsOf({ is: 'this', unit: 'day' }, { now: today.before ?? 0, zone, locale: 'en-GB' }).from,
          ).toBe(today.before)
          expect(
            instantsOf({ is: 'this', unit: 'day' }, { now: (today.from ?? 0) - 1, zone, locale: 'en-GB' })
              .before,
          ).toBe(today.from)
        },
      ),
      { numRuns: 400 },
    )
  })

  it('turns over at the first instant of the day, also where midnight is skipped', () => {
    expect(iso(nextMidnight(at('2026-03-28T12:00:00Z'), 'Europe/London'))).toBe('2026-03-29T00:00:00.000Z')
    // Clocks of Beirut went forward at midnight of 31 March 2024: that day began at one o'clock.
    expect(iso(nextMidnight(at('2024-03-30T12:00:00Z'), 'Asia/Beirut'))).toBe('2024-03-30T22:00:00.000Z')
  })
})
