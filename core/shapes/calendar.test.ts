import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { cardEntry } from '~~/tests/support/card-entries'
import type { CardEntry } from '../cards/card-entry'
import { calendar } from './calendar'
import { calendarSheet } from './calendar-sheet'
import type { SheetSettings } from './calendar-sheet'
import {
  calendarViews,
  daysSeen,
  inView,
  presentTurn,
  readTurn,
  turnText,
  turnedBy,
  weekBegins,
} from './calendar-turn'
import type { Turn, TurnedBy } from './calendar-turn'

const dayMs = 86_400_000
const zone = 'Europe/London'
const at = (text: string, of = zone) => DateTime.fromISO(text, { zone: of }).toMillis()
const place = {
  locale: 'en-GB',
  zone,
  now: at('2026-12-03T11:20'),
  visitor: null,
  turned: null,
  later: null,
  terms: [
    { id: 4, name: 'Swaps' },
    { id: 9, name: 'Mending' },
  ],
}
const settings: SheetSettings = calendar.defaults
const zones = [
  'Europe/London',
  'America/New_York',
  'Australia/Lord_Howe',
  'Pacific/Apia',
  'Asia/Kathmandu',
] as const

function happening(
  id: number,
  startsAt: number,
  endsAt = startsAt,
  more: Partial<CardEntry> = {},
): CardEntry {
  const occurrence = { key: startsAt, startsAt, endsAt, isWholeDays: false, isCancelled: false }
  return cardEntry({ id, occurrence, ...more })
}

describe('what an address turns a calendar to', () => {
  it.each([
    ['month-2026-12', { view: 'month', day: '2026-12-01', term: null }],
    ['agenda-2027-02_9', { view: 'agenda', day: '2027-02-01', term: 9 }],
    ['week-2026-11-30', { view: 'week', day: '2026-11-30', term: null }],
    // A day within the week names it too.
    ['week-2026-12-03', { view: 'week', day: '2026-11-30', term: null }],
  ] as const)('is read from %s', (text, turn) => {
    expect(readTurn(text, settings, place)).toEqual(turn)
  })

  it.each([
    null,
    '',
    'month-2026-13',
    'month-2026',
    'year-2026',
    'week-2026-02-30',
    'month-0000-01',
    'month-2026-12_x',
  ])('is the present month where it says nothing: %s', (text) => {
    expect(readTurn(text, settings, place)).toEqual({ view: 'month', day: '2026-12-01', term: null })
  })

  it('is the first view where it names one that the calendar has not', () => {
    const weekly: TurnedBy = { ...settings, views: ['week'] }
    expect(readTurn('month-2027-05', weekly, place)).toEqual({ view: 'week', day: '2026-11-30', term: null })
  })

  it('comes back from its own text, from any number of turns to and fro, in any zone and week', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...calendarViews),
        fc.integer({ min: at('1000-01-01'), max: at('9000-01-01') }),
        fc.option(fc.integer({ min: 1, max: 999_999_999 })),
        fc.constantFrom(...weekBegins),
        fc.constantFrom(...zones),
        fc.integer({ min: -100, max: 100 }),
        (view, now, term, begins, ofZone, turns) => {
          const by: TurnedBy = { views: [view], weekBegins: begins }
          const there = { ...place, zone: ofZone, now }
          const turn: Turn = { ...presentTurn(by, there), term }
          expect(readTurn(turnText(turn), by, there)).toEqual(turn)
          expect(turnedBy(turnedBy(turn, turns), -turns)).toEqual(turn)
          const days = daysSeen(turn, by, there)
          expect(days.map((day) => day.toISODate())).toContain(
            DateTime.fromMillis(now, { zone: ofZone }).toISODate(),
          )
          for (const [index, day] of days.entries())
            expect(day.toISODate()).toBe(days[0]?.plus({ days: index }).toISODate())
        },
      ),
    )
  })

  it('goes to the week of today from its month, and to the first week from another', () => {
    const month = readTurn('month-2026-12', settings, place)
    expect(inView(month, 'week', settings, place).day).toBe('2026-11-30')
    expect(inView(readTurn('month-2027-02', settings, place), 'week', settings, place).day).toBe('2027-02-01')
    expect(inView(readTurn('week-2026-11-30', settings, place), 'month', settings, place).day).toBe(
      '2026-12-01',
    )
  })
})

describe('a sheet', () => {
  it('has whole weeks, numbered by ISO 8601 (its examples: 2004-W53 and 2005-W01)', () => {
    const sheet = calendarSheet(settings, [], { ...place, turned: 'month-2005-01' })
    expect(sheet.title).toBe('January 2005')
    expect(sheet.weeks.map((week) => week.number)).toEqual([53, 1, 2, 3, 4, 5])
    expect(sheet.weeks[0]?.days.map((day) => [day.number, day.isOutside])).toEqual([
      ['27', true],
      ['28', true],
      ['29', true],
      ['30', true],
      ['31', true],
      ['1', false],
      ['2', false],
    ])
  })

  it('begins weeks as the language does, or as is said', () => {
    const first = (locale: string, begins: SheetSettings['weekBegins']) =>
      calendarSheet({ ...settings, weekBegins: begins }, [], { ...place, locale }).weekdays[0]?.long
    expect(first('en-GB', 'site')).toBe('Monday')
    expect(first('en-US', 'site')).toBe('Sunday')
    expect(first('en-US', 'monday')).toBe('Monday')
    expect(first('de-DE', 'saturday')).toBe('Samstag')
  })

  it('marks today, leads back to it from elsewhere, and says when the next thing is', () => {
    const here = calendarSheet(settings, [], place)
    const todays = here.weeks.flatMap((week) => week.days).filter((day) => day.isToday)
    expect(todays.map((day) => [day.date, day.name.replace(',', '')])).toEqual([
      ['2026-12-03', 'Thursday 3 December 2026'],
    ])
    expect(here.today).toBeNull()
    const there = calendarSheet(settings, [], {
      ...place,
      turned: 'month-2027-02',
      later: at('2027-05-08T09:30'),
    })
    expect(there.today).toEqual({ turn: 'month-2026-12', name: 'December 2026' })
    expect(there.later).toMatchObject({ turn: 'month-2027-05', name: 'May 2027' })
    expect(there.later?.when.replace(',', '')).toBe('Saturday 8 May 2027')
  })

  it('says when the next thing is by that thing’s own clock where all that came lies beside the sheet', () => {
    const own = { ...settings, clock: 'event' } as const
    const turned = { ...place, turned: 'month-2026-12', later: at('2027-05-08T09:30') }
    const [early, late] = [
      happening(1, at('2026-11-30T03:00'), undefined, { zone: 'America/New_York' }),
      happening(2, at('2027-01-03T20:00'), undefined, { zone: 'Asia/Kathmandu' }),
    ]
    expect(early.occurrence && calendarSheet(own, [early], turned).later?.turn).toBe('month-2027-05')
    const sheet = calendarSheet(own, [early, late], turned)
    expect(sheet.list).toEqual([])
    expect(sheet.later).toMatchObject({ turn: 'month-2027-01', name: 'January 2027' })
    expect(sheet.later?.when.replace(',', '')).toBe('Monday 4 January 2027')
    const within = happening(3, at('2026-12-20T10:00'), undefined, { zone: 'Asia/Kathmandu' })
    expect(calendarSheet(own, [early, within, late], turned).later).toBeNull()
    expect(calendarSheet(own, [early], { ...turned, later: null }).later).toBeNull()
  })

  it('draws what takes several days across cells, and on into the next week', () => {
    const walk = happening(1, at('2026-12-05T10:00'), at('2026-12-08T16:00'), { within: [9] })
    const sheet = calendarSheet(settings, [walk], place)
    expect(sheet.weeks.map((week) => week.bars)).toMatchObject([
      [{ day: 5, days: 2, lane: 0, isBegun: false, goesOn: true, colour: 2 }],
      [{ day: 0, days: 2, lane: 0, isBegun: true, goesOn: false }],
      [],
      [],
      [],
    ])
    expect(sheet.list.map((day) => day.date)).toEqual(['2026-12-05'])
    const next = calendarSheet(settings, [walk], { ...place, turned: 'week-2026-12-07' })
    expect(next.list.map((day) => day.date)).toEqual(['2026-12-07'])
  })

  it('keeps what is over by the next morning on its day', () => {
    const night = happening(1, at('2026-12-31T19:00'), at('2027-01-01T03:00'))
    expect(calendarSheet(settings, [night], place).weeks.flatMap((week) => week.bars)).toEqual([])
  })

  it('shows so many of a day, and one more where saying so would take as much room', () => {
    const dayOf = (count: number) => {
      const given = Array.from({ length: count }, (_, id) => happening(id, at('2026-12-12T14:00')))
      const sheet = calendarSheet({ ...settings, most: 2 }, given, place)
      const day = sheet.weeks.flatMap((week) => week.days).find((one) => one.date === '2026-12-12')
      return [day?.items.length, day?.more.length, day?.count]
    }
    expect(dayOf(0)).toEqual([0, 0, 0])
    expect(dayOf(2)).toEqual([2, 0, 2])
    expect(dayOf(3)).toEqual([3, 0, 3])
    expect(dayOf(4)).toEqual([2, 2, 4])
  })

  it('leads to each term alone, and from it back to all', () => {
    const all = calendarSheet(settings, [], place)
    expect(all.legend).toEqual([
      { turn: 'month-2026-12_4', name: 'Swaps', colour: 1, isChosen: false },
      { turn: 'month-2026-12_9', name: 'Mending', colour: 2, isChosen: false },
    ])
    const one = calendarSheet(settings, [], { ...place, turned: 'month-2026-12_4' })
    expect(one.legend[0]).toEqual({ turn: 'month-2026-12', name: 'Swaps', colour: 1, isChosen: true })
    expect(one.after.turn).toBe('month-2027-01_4')
  })

  const happenings = fc.array(
    fc
      .tuple(fc.integer({ min: 0, max: 70 * 24 }), fc.integer({ min: 0, max: 12 * 24 }))
      .map(([from, hours]) => ({
        from: at('2026-11-10T00:00') + from * 3_600_000,
        length: hours * 3_600_000,
      })),
    { maxLength: 40 },
  )

  it('shows each thing on each of its days, as a bar, a line or unfolded, and nowhere else', () => {
    fc.assert(
      fc.property(
        happenings,
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom(...zones),
        (given, most, ofZone) => {
          const entries = given.map((one, id) => happening(id, one.from, one.from + one.length))
          const sheet = calendarSheet({ ...settings, most }, entries, { ...place, zone: ofZone })
          for (const week of sheet.weeks)
            for (const [index, day] of week.days.entries()) {
              const bars = week.bars.filter((bar) => bar.day <= index && bar.day + bar.days > index)
              expect(new Set(bars.map((bar) => bar.lane)).size).toBe(bars.length)
              const seen = [...bars, ...day.items, ...day.more].map((one) => one.at).toSorted((a, b) => a - b)
              const start = DateTime.fromISO(day.date, { zone: ofZone })
              const wanted = given.flatMap(({ from, length }, one) => {
                const first = DateTime.fromMillis(from, { zone: ofZone }).startOf('day')
                const end = from + length
                const last =
                  length < dayMs
                    ? first
                    : DateTime.fromMillis(Math.max(from, end - 1), { zone: ofZone }).startOf('day')
                return first <= start && start <= last ? [one] : []
              })
              expect(seen).toEqual(wanted)
              expect(day.count).toBe(wanted.length)
            }
        },
      ),
    )
  })

  it('keeps every bar in its lane when the month is turned', () => {
    fc.assert(
      fc.property(happenings, (given) => {
        const entries = given.map((one, id) => happening(id, one.from, one.from + one.length))
        const lanesIn = (turned: string) =>
          new Map(
            calendarSheet({ ...settings, most: 12 }, entries, { ...place, turned }).weeks.flatMap((week) =>
              week.bars.map((bar) => [bar.at, bar.lane] as const),
            ),
          )
        const [one, other] = [lanesIn('month-2026-11'), lanesIn('month-2026-12')]
        for (const [bar, lane] of one) expect(other.get(bar) ?? lane).toBe(lane)
      }),
    )
  })
})
