import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { occurrencesOf } from './occurrences'
import type { Timing } from './occurrences'
import { parseRule } from './recurrence/rule'
import { instantOfWall, wallOf } from './zones'

const wall = (text: string) => Date.parse(`${text}Z`)
const hour = 3_600_000
const everything = { from: -Infinity, before: Infinity, most: 1000 }

function timing(start: string, rule: string | null, more: Partial<Timing> = {}): Timing {
  const parsed = rule === null ? null : parseRule(rule)
  if (parsed?.ok === false) throw new Error(rule ?? '')
  return {
    start: wall(start),
    length: hour,
    isWholeDays: false,
    zone: 'Europe/London',
    repeats: { rule: parsed?.value ?? null, added: [], changes: [] },
    ...more,
  }
}

const begins = (of: Timing, wanted = everything) =>
  occurrencesOf(of, wanted).occurrences.map((one) => new Date(one.startsAt).toISOString().slice(0, 16))

describe('what repeats', () => {
  // Both clock changes of 2026 (IANA time zone database); Kathmandu has none.
  it.each([
    [
      'Europe/London',
      '2026-03-27T10:00',
      ['2026-03-27T10:00', '2026-03-28T10:00', '2026-03-29T09:00', '2026-03-30T09:00'],
    ],
    [
      'Europe/London',
      '2026-10-24T10:00',
      ['2026-10-24T09:00', '2026-10-25T10:00', '2026-10-26T10:00', '2026-10-27T10:00'],
    ],
    [
      'America/New_York',
      '2026-03-07T10:00',
      ['2026-03-07T15:00', '2026-03-08T14:00', '2026-03-09T14:00', '2026-03-10T14:00'],
    ],
    [
      'America/New_York',
      '2026-10-31T10:00',
      ['2026-10-31T14:00', '2026-11-01T15:00', '2026-11-02T15:00', '2026-11-03T15:00'],
    ],
    [
      'Australia/Lord_Howe',
      '2026-04-04T10:00',
      ['2026-04-03T23:00', '2026-04-04T23:30', '2026-04-05T23:30', '2026-04-06T23:30'],
    ],
    [
      'Australia/Lord_Howe',
      '2026-10-03T10:00',
      ['2026-10-02T23:30', '2026-10-03T23:00', '2026-10-04T23:00', '2026-10-05T23:00'],
    ],
    [
      'Asia/Kathmandu',
      '2026-03-28T10:00',
      ['2026-03-28T04:15', '2026-03-29T04:15', '2026-03-30T04:15', '2026-03-31T04:15'],
    ],
    // Samoa went from 29 to 31 December 2011: what falls on the day that never was comes a day later, once.
    [
      'Pacific/Apia',
      '2011-12-28T10:00',
      ['2011-12-28T20:00', '2011-12-29T20:00', '2011-12-30T20:00', '2011-12-30T20:00'],
    ],
  ])('stays at ten o’clock in %s, from %s', (zone, start, printed) => {
    expect(begins(timing(start, 'FREQ=DAILY;COUNT=4', { zone }))).toEqual(printed)
  })

  it('keeps its exact length over a change of clocks, and whole days their days (RFC 5545, 3.8.5.3)', () => {
    const night = timing('2026-03-28T22:00', 'FREQ=DAILY;COUNT=2', { length: 8 * hour })
    expect(occurrencesOf(night, everything).occurrences.map((one) => one.endsAt - one.startsAt)).toEqual([
      8 * hour,
      8 * hour,
    ])
    const days = timing('2026-03-28T00:00', 'FREQ=WEEKLY;COUNT=2', { length: 48 * hour, isWholeDays: true })
    expect(
      occurrencesOf(days, everything).occurrences.map((one) => (one.endsAt - one.startsAt) / hour),
    ).toEqual([47, 48])
  })

  it('begins with its own start, which counts, also where the rule does not have it', () => {
    expect(begins(timing('2026-11-25T10:00', 'FREQ=WEEKLY;BYDAY=SA;COUNT=3'))).toEqual([
      '2026-11-25T10:00',
      '2026-11-28T10:00',
      '2026-12-05T10:00',
    ])
    expect(begins(timing('2026-11-25T10:00', 'FREQ=WEEKLY;BYDAY=SA;COUNT=1'))).toEqual(['2026-11-25T10:00'])
  })

  // RFC 5545, 3.3.10: UNTIL by UTC, where the event goes by a clock of its own.
  it('ends by UTC where its rule says so', () => {
    const rule = 'FREQ=DAILY;UNTIL=19970904T130000Z'
    const newYork = timing('1997-09-02T09:00', rule, { zone: 'America/New_York' })
    expect(begins(newYork)).toEqual(['1997-09-02T13:00', '1997-09-03T13:00', '1997-09-04T13:00'])
    const earlier = 'FREQ=DAILY;UNTIL=19970904T125959Z'
    expect(begins(timing('1997-09-02T09:00', earlier, { zone: 'America/New_York' }))).toHaveLength(2)
  })

  it('leaves out, cancels, moves and adds single dates', () => {
    const base = timing('2026-12-02T10:00', 'FREQ=WEEKLY;COUNT=5')
    const changed: Timing = {
      ...base,
      repeats: {
        rule: base.repeats?.rule ?? null,
        added: [wall('2026-12-12T14:00')],
        changes: [
          { is: 'leftOut', on: wall('2026-12-09T10:00') },
          { is: 'cancelled', on: wall('2026-12-23T10:00') },
          { is: 'moved', on: wall('2026-12-30T10:00'), to: wall('2026-12-11T09:00'), length: 2 * hour },
        ],
      },
    }
    const { occurrences } = occurrencesOf(changed, everything)
    expect(
      occurrences.map((one) => [
        new Date(one.startsAt).toISOString().slice(0, 16),
        new Date(one.key).toISOString().slice(0, 16),
        (one.endsAt - one.startsAt) / hour,
        one.isCancelled,
      ]),
    ).toEqual([
      ['2026-12-02T10:00', '2026-12-02T10:00', 1, false],
      ['2026-12-11T09:00', '2026-12-30T10:00', 2, false],
      ['2026-12-12T14:00', '2026-12-12T14:00', 1, false],
      ['2026-12-16T10:00', '2026-12-16T10:00', 1, false],
      ['2026-12-23T10:00', '2026-12-23T10:00', 1, true],
    ])
    // A part of them is as they are among all.
    const from = Date.parse('2026-12-11T00:00Z')
    expect(occurrencesOf(changed, { from, before: from + 24 * hour, most: 9 }).occurrences).toEqual([
      occurrences[1],
    ])
  })

  it('is one time where nothing repeats it', () => {
    expect(begins({ ...timing('2026-12-02T10:00', null), repeats: null })).toEqual(['2026-12-02T10:00'])
  })

  it('gives up on what never comes, instead of looking for ever', () => {
    const never = timing('2026-12-02T10:00', 'FREQ=SECONDLY;BYMONTH=2;BYMONTHDAY=30')
    expect(occurrencesOf(never, everything)).toMatchObject({ gaveUp: true, occurrences: [{}] })
  })
})

// Referee: what the clock shows, second by second of luxon's own conversion the other way.
it('finds the instant at which a clock shows a time, anywhere', () => {
  const zones = [
    'Europe/London',
    'America/New_York',
    'Australia/Lord_Howe',
    'Pacific/Apia',
    'Asia/Kathmandu',
    'Africa/Cairo',
  ]
  fc.assert(
    fc.property(
      fc.constantFrom(...zones),
      fc.integer({ min: Date.UTC(1975, 0, 1) / 60_000, max: Date.UTC(2045, 0, 1) / 60_000 }),
      (zone, minutes) => {
        const instant = minutes * 60_000
        const shown = wallOf(instant, zone)
        const { year, month, day, hour: hours, minute } = DateTime.fromMillis(instant, { zone })
        expect(shown).toBe(Date.UTC(year, month - 1, day, hours, minute))
        // The same instant, or an earlier one that shows the same.
        const found = instantOfWall(shown, zone)
        expect(found).toBeLessThanOrEqual(instant)
        expect(wallOf(found, zone)).toBe(shown)
      },
    ),
    { numRuns: 2000 },
  )
})
