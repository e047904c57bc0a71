import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { dateTime, earliestInstant, latestInstant } from './date-time'

keepsPromises(
  dateTime,
  fc.record({ settings: fc.constant({}), value: fc.integer({ min: earliestInstant, max: latestInstant }) }),
)

describe('a date and time', () => {
  // Referee: luxon, over both clock changes of 2026 in London.
  it.each(['2026-03-29 00:59', '2026-03-29 02:00', '2026-10-25 00:30', '2026-10-25 02:00', '2026-07-01'])(
    'reads %s by the site’s clock',
    (text) => {
      const expected = DateTime.fromSQL(text, { zone: 'Europe/London' }).toMillis()
      expect(dateTime.read(text, {}, fieldPlace)).toEqual({ ok: true, value: expected })
    },
  )

  // RFC 3339, section 5.8.
  it.each([
    ['1985-04-12T23:20:50.52Z', Date.UTC(1985, 3, 12, 23, 20, 50, 520)],
    ['1996-12-19T16:39:57-08:00', Date.UTC(1996, 11, 20, 0, 39, 57)],
  ])('reads the instant %s', (text, instant) => {
    expect(dateTime.read(text, {}, fieldPlace)).toEqual({ ok: true, value: instant })
  })

  it('shows the site’s clock', () => {
    expect(dateTime.format(Date.UTC(2026, 6, 1, 9), {}, fieldPlace)).toBe('1 Jul 2026, 10:00')
  })

  it.each(['tomorrow', '2026-02-30 10:00', '2026-02-01 25:00', ''])('refuses “%s”', (text) => {
    expect(dateTime.read(text, {}, fieldPlace).ok).toBe(false)
  })

  it('refuses what no calendar of four digits shows', () => {
    expect(messageOf(dateTime.parse(latestInstant + 1, {}))).toBe(
      'The date lies outside the years 1 to 9999.',
    )
    expect(messageOf(dateTime.parse('2026', {}))).toBe('This takes a date and a time.')
  })
})
