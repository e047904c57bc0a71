import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { cardEntry } from '~~/tests/support/card-entries'
import type { CardEntry } from '../cards/card-entry'
import { schedulePlan } from './schedule-plan'
import type { PlacedItem, ScheduleDay } from './schedule-plan'

const zone = 'Europe/London'
const at = (text: string, of = zone) => DateTime.fromISO(text, { zone: of }).toMillis()
const placeIn = (of: string, locale = 'en-GB') => ({
  locale,
  zone: of,
  now: 0,
  visitor: null,
  turned: null,
  later: null,
  terms: [],
})
const settings = { hour: 60, breaks: true, clock: 'site' as const }
const tracks = ['Shed', 'Tent', 'Workshop'] as const

interface Session {
  readonly startsAt: number
  readonly endsAt: number
  readonly track?: string | null
  readonly isWholeDays?: boolean
}

function session({ startsAt, endsAt, track = null, isWholeDays = false }: Session, id: number): CardEntry {
  return cardEntry({
    id,
    occurrence: { key: startsAt, startsAt, endsAt, isWholeDays, isCancelled: false },
    track: track === null ? null : { name: track, position: tracks.indexOf(track as 'Shed') },
  })
}

const planOf = (sessions: readonly Session[], own = settings, of = zone) =>
  schedulePlan(own, sessions.map(session), placeIn(of)).days

const on = (from: string, to: string, track: string | null = null): Session => ({
  startsAt: at(`2026-12-05T${from}`),
  endsAt: at(`2026-12-05T${to}`),
  track,
})

/** Any sessions over three days in any zone, of any length up to three days. */
const anySessions = fc.record({
  zone: fc.constantFrom('Europe/London', 'Australia/Lord_Howe', 'Pacific/Apia', 'Asia/Kathmandu'),
  sessions: fc.array(
    fc
      .record({
        start: fc.integer({ min: 0, max: 72 * 12 }),
        length: fc.oneof(fc.integer({ min: 0, max: 48 }), fc.integer({ min: 0, max: 72 * 12 })),
        track: fc.option(fc.constantFrom(...tracks)),
      })
      .map(({ start, length, track }) => {
        // Three days over which clocks change in London, by steps of five minutes.
        const startsAt = Date.UTC(2026, 9, 24) + start * 300_000
        return { startsAt, endsAt: startsAt + length * 300_000, track }
      }),
    { maxLength: 30 },
  ),
  breaks: fc.boolean(),
})

describe('a schedule', () => {
  it('lays a day out by the hours and the rooms, with a break across all of them', () => {
    const [day, ...others] = planOf([
      on('09:00', '10:30', 'Workshop'),
      on('09:30', '10:30', 'Shed'),
      on('10:30', '11:00'),
      on('11:00', '12:00', 'Shed'),
    ])
    expect(others).toEqual([])
    expect(day).toMatchObject({ date: '2026-12-05', name: 'Saturday, 5 December 2026', short: 'Sat 5 Dec' })
    expect(day?.tracks.map(({ name, from, to }) => [name, from, to])).toEqual([
      ['Shed', 1, 2],
      ['Workshop', 2, 3],
    ])
    // 9:00, 9:30, 10:00, 10:30, 11:00, 12:00.
    expect(day?.rows).toEqual([30, 30, 30, 30, 60])
    expect(day?.hours).toEqual([
      { row: 1, text: '09:00' },
      { row: 3, text: '10:00' },
      { row: 5, text: '11:00' },
      { row: 6, text: '12:00' },
    ])
    expect(day?.items.map(({ at: own, time, rows, columns }) => [own, time, rows, columns])).toEqual([
      [0, '09:00–10:30', { from: 1, to: 4 }, { from: 2, to: 3 }],
      [1, '09:30–10:30', { from: 2, to: 4 }, { from: 1, to: 2 }],
      [2, '10:30–11:00', { from: 4, to: 5 }, { from: 1, to: 3 }],
      [3, '11:00–12:00', { from: 5, to: 6 }, { from: 1, to: 2 }],
    ])
  })

  it('puts what clashes side by side, and lets what is alone have the whole track', () => {
    const [day] = planOf([
      on('09:00', '11:00', 'Shed'),
      on('10:00', '12:00', 'Shed'),
      on('13:00', '14:00', 'Shed'),
      // In no room while others are: not a break.
      on('13:30', '13:45'),
    ])
    expect(day?.tracks.map(({ name, lanes }) => [name, lanes])).toEqual([
      ['Shed', 2],
      [null, 1],
    ])
    expect(day?.items.map(({ columns }) => columns)).toEqual([
      { from: 1, to: 2 },
      { from: 2, to: 3 },
      { from: 1, to: 3 },
      { from: 3, to: 4 },
    ])
  })

  it('cuts hours without anything short, and says how long they are', () => {
    const sessions = [on('06:00', '06:30'), on('19:00', '20:00')]
    const [cut] = planOf(sessions)
    expect(cut?.breaks).toEqual([{ row: 2, text: '13 hours' }])
    expect(cut?.rows).toEqual([30, 40, 60])
    expect(cut?.hours.map(({ text }) => text)).toEqual(['06:00', '19:00', '20:00'])
    const [whole] = planOf(sessions, { ...settings, breaks: false })
    expect(whole?.breaks).toEqual([])
    expect(whole?.rows.reduce((sum, row) => sum + row, 0)).toBe(14 * 60)
  })

  it('has what takes whole days or longer above the hours of each of its days', () => {
    const days = planOf([
      { startsAt: at('2026-12-05T00:00'), endsAt: at('2026-12-07T00:00'), isWholeDays: true },
      on('10:00', '11:00'),
      { startsAt: at('2026-12-06T22:00'), endsAt: at('2026-12-07T01:00') },
    ])
    expect(days.map(({ date, whole, items }) => [date, whole.length, items.length])).toEqual([
      ['2026-12-05', 1, 1],
      ['2026-12-06', 1, 1],
    ])
    // Past midnight it goes on under the day on which it began.
    expect(days[1]?.hours.map(({ text }) => text)).toEqual(['22:00', '23:00', '00:00', '01:00'])
  })

  it('has an hour twice where clocks go back', () => {
    const [day] = planOf([{ startsAt: at('2026-10-25T00:30'), endsAt: at('2026-10-25T03:00') }])
    expect(day?.hours.map(({ text }) => text)).toEqual(['00:00', '01:00', '01:00', '02:00', '03:00'])
    expect(day?.rows).toEqual([30, 30, 60, 60, 60])
  })

  it('has everything once, never over another, in rows as long as it takes', () => {
    fc.assert(
      fc.property(anySessions, ({ zone: of, sessions, breaks }) => {
        const days = planOf(sessions, { ...settings, breaks }, of)
        const timed = days.flatMap((day) => day.items.map((item) => item.at))
        const whole = new Set(days.flatMap((day) => day.whole.map((item) => item.at)))
        expect([...timed, ...whole].toSorted((a, b) => a - b)).toEqual(sessions.map((_, index) => index))
        for (const day of days) {
          expectNoneOverAnother(day.items)
          expect(day.moments).toHaveLength(day.rows.length === 0 ? 0 : day.rows.length + 1)
          for (const item of day.items) expectItsTime(day, item, sessions[item.at])
        }
      }),
    )
  })

  it('has in a track as many lanes as there are things at once at most', () => {
    fc.assert(
      fc.property(anySessions, ({ zone: of, sessions }) => {
        for (const day of planOf(sessions, settings, of))
          for (const { name, lanes } of day.tracks.filter((track) => track.name !== null)) {
            const own = day.items.filter((item) => item.track === name)
            const atOnce = own.map(
              ({ rows }) =>
                own.filter((other) => other.rows.from <= rows.from && other.rows.to > rows.from).length,
            )
            expect(lanes).toBe(Math.max(...atOnce))
          }
      }),
    )
  })
})

function expectNoneOverAnother(items: readonly PlacedItem[]): void {
  for (const [index, one] of items.entries())
    for (const other of items.slice(index + 1)) {
      const inRows = one.rows.from < other.rows.to && other.rows.from < one.rows.to
      const inColumns = one.columns.from < other.columns.to && other.columns.from < one.columns.to
      expect(inRows && inColumns).toBe(false)
    }
}

/** Its rows begin and end when it does; a moment takes a quarter of an hour. */
function expectItsTime(day: ScheduleDay, item: PlacedItem, given: Session | undefined): void {
  const { startsAt = 0, endsAt = 0 } = given ?? {}
  expect(day.moments[item.rows.from - 1]).toBe(startsAt)
  expect(day.moments[item.rows.to - 1]).toBe(Math.max(endsAt, startsAt + 900_000))
}
