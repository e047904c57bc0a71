import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { date, dayStart } from './date'

const open = { earliest: null, latest: null }
const days = fc
  .integer({ min: 0, max: 3_652_058 })
  .map((day) => DateTime.utc(1, 1, 1).plus({ days: day }).toISODate() ?? '')
keepsPromises(date, fc.record({ settings: fc.constant(open), value: days }))

describe('a date', () => {
  // Gregorian leap years: divisible by 4, not by 100 unless by 400 (ISO 8601).
  it.each(['2024-02-29', '2000-02-29', '0001-01-01', '9999-12-31'])('takes the day %s', (day) => {
    expect(date.parse(day, open)).toEqual({ ok: true, value: day })
  })

  it.each([
    '2023-02-29',
    '1900-02-29',
    '2026-13-01',
    '2026-00-10',
    '0000-01-01',
    '2026-1-1',
    '24/11/2026',
    'soon',
  ])('refuses %s', (day) => {
    expect(messageOf(date.parse(day, open))).toBe('This takes a day, such as 2026-11-24.')
  })

  it('keeps to its limits, both included', () => {
    const limited = { earliest: '2026-01-01', latest: '2026-12-31' }
    expect(date.parse('2026-01-01', limited).ok && date.parse('2026-12-31', limited).ok).toBe(true)
    expect(messageOf(date.parse('2025-12-31', limited))).toBe('Use 2026-01-01 or a later day.')
    expect(messageOf(date.parse('2027-01-01', limited))).toBe('Use 2026-12-31 or an earlier day.')
  })

  // Referee: luxon.
  it('orders as days follow each other', () => {
    fc.assert(
      fc.property(days, (day) => {
        expect(dayStart(day)).toBe(DateTime.fromISO(day, { zone: 'utc' }).toMillis())
      }),
    )
  })

  it('reads the day out of a timestamp and is the same day in every zone', () => {
    expect(date.read('2026-11-24T23:30:00Z', open, fieldPlace)).toEqual({ ok: true, value: '2026-11-24' })
    expect(date.format('2026-11-24', open, { locale: 'en-GB', zone: 'Pacific/Auckland' })).toBe('24 Nov 2026')
  })
})
