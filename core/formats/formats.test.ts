import { differenceInCalendarDays } from 'date-fns'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { formatMoment, formatSpan } from './dates'
import { savingOf } from './money'
import { readingMinutes, wordCount } from './reading-time'

const now = Date.UTC(2026, 2, 1, 12)
const place = { locale: 'en-GB', zone: 'Europe/London', now }
const day = 24 * 3600_000

describe('dates', () => {
  it('are told from today by calendar days of the site’s zone', () => {
    const told = (at: number, zone = 'Europe/London') =>
      formatMoment({ at, whole: false }, 'relative', { ...place, zone })
    expect([
      told(now),
      told(now - day),
      told(now + 3 * day),
      told(now - 40 * day),
      told(now + 400 * day),
    ]).toEqual(['today', 'yesterday', 'in 3 days', 'last month', 'next year'])
    // Half past eleven at night in UTC is tomorrow already in Auckland.
    expect(told(Date.UTC(2026, 2, 1, 23, 30), 'Pacific/Auckland')).toBe('today')
    expect(told(Date.UTC(2026, 2, 2, 11, 30), 'Pacific/Auckland')).toBe('tomorrow')
  })

  it('count days as a second date library does', () => {
    fc.assert(
      fc.property(fc.integer({ min: -13, max: 13 }), fc.integer({ min: 0, max: 86_399 }), (days, seconds) => {
        const at = Date.UTC(2026, 2, 1) + days * day + seconds * 1000
        const expected = differenceInCalendarDays(
          new Date(Date.UTC(2026, 2, 1 + days)),
          new Date(Date.UTC(2026, 2, 1)),
        )
        expect(formatMoment({ at, whole: false }, 'relative', { ...place, zone: 'UTC' })).toBe(
          new Intl.RelativeTimeFormat('en-GB', { numeric: 'auto' }).format(expected, 'day'),
        )
      }),
    )
  })

  // New York's clock stands four hours behind UTC in June (IANA time zone database).
  it('tell a span of a moment and a day by the calendar of the site’s zone', () => {
    const there = { ...place, zone: 'America/New_York' }
    const span = (
      start: Parameters<typeof formatSpan>[0],
      end: Parameters<typeof formatSpan>[0],
      style: 'day' | 'time' = 'day',
    ) => formatSpan(start, end, style, there).replaceAll(/[\s\u2009]+/gu, ' ')
    const evening = { at: Date.UTC(2026, 5, 10, 22), whole: false }
    const late = { at: Date.UTC(2026, 5, 13, 2), whole: false }
    const on = (date: number) => ({ at: Date.UTC(2026, 5, date), whole: true })
    expect(span(evening, on(12))).toMatch(/^10 ?– ?12 Jun 2026$/)
    expect(span(evening, on(12), 'time')).toMatch(/^10 ?– ?12 Jun 2026$/)
    expect(span(on(10), late)).toMatch(/^10 ?– ?12 Jun 2026$/)
    expect(span(evening, on(10))).toBe('10 Jun 2026')
  })

  it('say once what the ends of a span share', () => {
    // How wide the spaces around the dash are differs between versions of CLDR.
    const span = (from: number, to: number) =>
      formatSpan({ at: from, whole: true }, { at: to, whole: true }, 'day', place).replace(/\s*–\s*/u, '–')
    expect(span(Date.UTC(2026, 5, 12), Date.UTC(2026, 5, 14))).toBe('12–14 Jun 2026')
    expect(span(Date.UTC(2026, 5, 30), Date.UTC(2026, 6, 2))).toBe('30 Jun–2 Jul 2026')
    expect(span(Date.UTC(2026, 5, 12), Date.UTC(2026, 5, 12))).toBe('12 Jun 2026')
  })

  it('are the same day everywhere where they are whole days', () => {
    expect(
      formatMoment({ at: Date.UTC(2026, 0, 1), whole: true }, 'day', {
        ...place,
        zone: 'America/Los_Angeles',
      }),
    ).toBe('1 Jan 2026')
    expect(formatMoment({ at: Date.UTC(2026, 0, 1), whole: true }, 'time', place)).toBe('1 Jan 2026')
  })
})

describe('money', () => {
  it('saves only where it is less, in the same currency', () => {
    expect(savingOf({ amount: 75, currency: 'EUR' }, { amount: 100, currency: 'EUR' })).toBe(0.25)
    expect(savingOf({ amount: 100, currency: 'EUR' }, { amount: 100, currency: 'EUR' })).toBeNull()
    expect(savingOf({ amount: 75, currency: 'EUR' }, { amount: 100, currency: 'GBP' })).toBeNull()
    expect(savingOf({ amount: 0, currency: 'EUR' }, { amount: 0, currency: 'EUR' })).toBeNull()
  })
})

describe('reading time', () => {
  // Brysbaert (2019): 238 words a minute.
  it('is a minute for each 238 words, begun ones whole', () => {
    expect([0, 1, 238, 239, 2380].map((count) => readingMinutes(count))).toEqual([0, 1, 1, 2, 10])
  })

  it('counts words where none are parted by spaces', () => {
    expect(readingMinutes(wordCount('種を借りて、また返す。'.repeat(200), 'ja'))).toBeGreaterThan(3)
  })
})
