import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { cardEntry } from '~~/tests/support/card-entries'
import type { CardEntry } from '../cards/card-entry'
import { clocks } from '../formats/dates'
import { calendar } from './calendar'
import { calendarSheet } from './calendar-sheet'
import { newShape, shapePhrase } from './index'
import { schedulePlan } from './schedule-plan'
import { timeAxis, toldClock, zoneTelling } from './time-axis'

const zones = ['Europe/London', 'America/New_York', 'Pacific/Apia', 'Asia/Kathmandu'] as const
const at = (text: string, zone: string) => DateTime.fromISO(text, { zone }).toMillis()
const place = {
  locale: 'en-GB',
  zone: 'Europe/London',
  visitor: null,
  now: at('2026-12-03T11:20', 'Europe/London'),
  turned: null,
  later: null,
  terms: [],
}

function happening(id: number, startsAt: number, zone: string, isWholeDays = false): CardEntry {
  const endsAt = startsAt + (isWholeDays ? 24 : 1) * 3_600_000
  return cardEntry({
    id,
    zone,
    occurrence: { key: startsAt, startsAt, endsAt, isWholeDays, isCancelled: false },
  })
}

const anyZone = fc.constantFrom(...zones)
/** In the winter of the north, when none of these clocks changes. */
const anyHappening = fc
  .record({ hours: fc.integer({ min: 0, max: 24 * 40 }), zone: anyZone, isWholeDays: fc.boolean() })
  .map(({ hours, zone, isWholeDays }) => {
    const day = DateTime.fromISO('2026-12-01', { zone }).plus({ days: Math.floor(hours / 24) })
    return happening(
      hours,
      (isWholeDays ? day : day.plus({ hours: hours % 24 })).toMillis(),
      zone,
      isWholeDays,
    )
  })

describe('the clock by which things are laid out', () => {
  it('shows on its axis what the clock that tells of each shows, whichever that is', () => {
    fc.assert(
      fc.property(
        fc.array(anyHappening, { maxLength: 12 }),
        fc.constantFrom(...clocks),
        fc.option(anyZone),
        (entries, clock, visitor) => {
          const own = { ...place, visitor }
          const axis = timeAxis(entries, clock, own)
          for (const entry of entries) {
            const told = { zone: zoneTelling(clock, entry, own) }
            const { startsAt, endsAt } = entry.occurrence ?? { startsAt: 0, endsAt: 0 }
            const shown = axis.at(entry)
            const wall = (instant: number, zone: string) =>
              DateTime.fromMillis(instant, { zone }).toFormat('yyyy-MM-dd HH:mm')
            expect(wall(shown.startsAt, axis.zone)).toBe(wall(startsAt, told.zone))
            expect(wall(shown.endsAt, axis.zone)).toBe(wall(endsAt, told.zone))
            if (entry.occurrence?.isWholeDays === true) expect(told.zone).toBe(entry.zone)
            else if (axis.isOfInstants) expect(shown.startsAt).toBe(startsAt)
          }
        },
      ),
    )
  })

  it('moves a calendar’s things to the days and times of that clock', () => {
    const evening = happening(1, at('2026-12-03T20:30', 'Europe/London'), 'America/New_York')
    const days = happening(2, at('2026-12-10T00:00', 'Asia/Kathmandu'), 'Asia/Kathmandu', true)
    const listed = (clock: (typeof clocks)[number], visitor: string | null = null) =>
      calendarSheet({ ...calendar.defaults, clock }, [evening, days], { ...place, visitor }).list.map(
        ({ date, items }) => [date, items[0]?.time],
      )
    expect(listed('site')).toEqual([
      ['2026-12-03', '20:30'],
      ['2026-12-10', ''],
    ])
    expect(listed('event')[0]).toEqual(['2026-12-03', '15:30'])
    expect(listed('visitor', 'Asia/Kathmandu')).toEqual([
      ['2026-12-04', '02:15'],
      ['2026-12-10', ''],
    ])
    expect(listed('visitor')).toEqual(listed('site'))
  })

  it('asks for the days of a month by that clock, and for as much more as clocks may differ by', () => {
    const stretch = (clock: (typeof clocks)[number]) => {
      const at = { ...place, visitor: 'Asia/Kathmandu', turned: 'month-2026-12' }
      return calendar.stretch?.({ ...calendar.defaults, clock }, at)
    }
    const days = (zone: string, apart = 0) => ({
      from: at('2026-11-30', zone) - apart,
      before: at('2027-01-04', zone) + apart,
      term: null,
      margin: 2 * apart,
    })
    expect(stretch('site')).toEqual(days('Europe/London'))
    expect(stretch('visitor')).toEqual(days('Asia/Kathmandu'))
    const [first, last] = ['Pacific/Kiritimati', 'Etc/GMT+12'].map((zone) => at('2026-12-01', zone))
    expect(stretch('event')).toEqual(days('Europe/London', (last ?? 0) - (first ?? 0)))
  })

  it('has a present minute on a schedule where that is one', () => {
    const settings = { hour: 60, breaks: true, clock: 'event' } as const
    const [here, there] = [
      happening(1, at('2026-12-03T10:00', 'Europe/London'), 'Europe/London'),
      happening(2, at('2026-12-03T10:00', 'America/New_York'), 'America/New_York'),
    ]
    const [one] = schedulePlan(settings, [there], place).days
    expect(one?.items[0]?.time).toBe('10:00–11:00')
    expect(one?.moments).toContain(at('2026-12-03T10:00', 'America/New_York'))
    const [both] = schedulePlan(settings, [here, there], place).days
    // Side by side, each at ten by the clock of its own place.
    expect(both?.items.map(({ time, rows }) => [time, rows])).toEqual([
      ['10:00–11:00', { from: 1, to: 2 }],
      ['10:00–11:00', { from: 1, to: 2 }],
    ])
    expect(both?.items.map(({ from }) => Date.parse(from))).toEqual([
      here.occurrence?.startsAt,
      there.occurrence?.startsAt,
    ])
    expect(both?.moments).toEqual([])
    // On a day of one clock there is one, whatever other days go by; each is over when that clock says so.
    const later = happening(3, at('2026-12-04T10:00', 'America/New_York'), 'America/New_York')
    const { days } = schedulePlan(settings, [here, later], place)
    expect(days.map(({ moments: [first] }) => first)).toEqual([
      at('2026-12-03T10:00', 'Europe/London'),
      at('2026-12-04T10:00', 'America/New_York'),
    ])
    expect(days.map(({ until }) => until)).toEqual([
      at('2026-12-04', 'Europe/London'),
      at('2026-12-05', 'America/New_York'),
    ])
    expect(both?.until).toBe(at('2026-12-04', 'America/New_York'))
  })

  it('is told in words, but for that of the site', () => {
    const [here, there] = [
      happening(1, place.now, 'Europe/London'),
      happening(2, place.now, 'Asia/Kathmandu'),
    ]
    const told = (
      clock: (typeof clocks)[number],
      entries: readonly CardEntry[],
      visitor: string | null = null,
    ) => toldClock({ ...newShape('schedule'), clock } as never, entries, { ...place, visitor })
    expect(told('site', [here])).toBeNull()
    expect(toldClock(newShape('grid'), [here], place)).toBeNull()
    // Names as CLDR 44 has them.
    expect(told('event', [there])).toEqual({ whose: 'event', zone: 'Asia/Kathmandu', name: 'Nepal Time' })
    expect(told('event', [here, there])).toEqual({ whose: 'event', zone: null, name: '' })
    expect(told('visitor', [here])).toMatchObject({ whose: 'site', zone: 'Europe/London' })
    expect(told('visitor', [here], 'Asia/Kathmandu')).toMatchObject({ whose: 'visitor', name: 'Nepal Time' })
  })
})

describe('the sentence of a listing', () => {
  it.each(['calendar', 'timeline', 'schedule'] as const)('says by which clock a %s goes', (name) => {
    const said = clocks.map(
      (clock) => shapePhrase({ ...newShape(name), clock } as never, { carriesPicture: false }).text,
    )
    expect(said).toEqual([
      said[0],
      `${said[0]}, by the clock of where it happens`,
      `${said[0]}, by each reader’s clock`,
    ])
    expect(said[0]).not.toContain('clock')
  })
})
