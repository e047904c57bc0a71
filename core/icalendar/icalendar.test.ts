import fc from 'fast-check'
import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import { occurrencesOf } from '../time/occurrences'
import type { Occurrence, OccurrenceChange, Timing } from '../time/occurrences'
import { parseRule } from '../time/recurrence/rule'
import { ruleText } from '../time/recurrence/rule-text'
import { instantOfWall } from '../time/zones'
import { foldedText, readLine, readText, readTexts, textValue, unfoldedLines } from './content-lines'
import { durationText, readDuration, utcStamp } from './moments'
import { readCalendar } from './read'
import { calendarText } from './write'
import type { CalendarEvent } from './write'

const dayMs = 86_400_000
const hour = 3_600_000
const now = Date.UTC(2026, 10, 28)
const zones = [
  'Europe/London',
  'America/New_York',
  'Australia/Lord_Howe',
  'Pacific/Apia',
  'Asia/Kathmandu',
  'UTC',
] as const

const event = (timing: Timing, change: Partial<CalendarEvent> = {}): CalendarEvent => ({
  uid: '812@sorrel-hill.example',
  sequence: 3,
  changedAt: Date.UTC(2026, 10, 1, 9),
  timing,
  title: 'Wednesday menders',
  summary: 'Bring what is broken; a saw, a chair, a promise.\nSoup at noon.',
  place: 'Workshop, Old Kilns',
  address: 'https://sorrel-hill.example/swap-days/wednesday-menders',
  terms: ['Workshop', 'Winter, late'],
  ...change,
})
const once: Timing = {
  start: Date.UTC(2026, 11, 2, 17, 30),
  length: 2.5 * hour,
  isWholeDays: false,
  zone: 'Europe/London',
  repeats: null,
}

const rules = [
  'FREQ=DAILY;COUNT=40',
  'FREQ=DAILY;INTERVAL=3',
  'FREQ=WEEKLY',
  'FREQ=WEEKLY;INTERVAL=2;BYDAY=TU,FR',
  'FREQ=WEEKLY;BYDAY=WE;UNTIL=20270430',
  'FREQ=WEEKLY;UNTIL=20270324T120000Z',
  'FREQ=MONTHLY;BYDAY=1SA',
  'FREQ=MONTHLY;BYDAY=-1FR;COUNT=9',
  'FREQ=MONTHLY;BYMONTHDAY=31',
  'FREQ=YEARLY',
] as const

const timings = fc
  .record({
    rule: fc.option(fc.constantFrom(...rules)),
    start: fc
      .integer({ min: Date.UTC(2026, 0, 1) / 60_000, max: Date.UTC(2027, 0, 1) / 60_000 })
      .map((minutes) => minutes * 60_000),
    minutes: fc.integer({ min: 0, max: 3000 }),
    isWholeDays: fc.boolean(),
    zone: fc.constantFrom(...zones),
    added: fc.uniqueArray(fc.integer({ min: 1, max: 300 }), { maxLength: 3 }),
    changed: fc.uniqueArray(
      fc.tuple(fc.integer({ min: 0, max: 12 }), fc.constantFrom('leftOut', 'cancelled', 'moved')),
      {
        maxLength: 4,
        selector: ([at]) => at,
      },
    ),
  })
  .map(({ rule, start: at, minutes, isWholeDays, zone, added, changed }): Timing => {
    const start = isWholeDays ? Math.floor(at / dayMs) * dayMs : at
    const length = isWholeDays ? dayMs * (1 + (minutes % 3)) : minutes * 60_000
    const parsed = rule === null ? null : parseRule(rule)
    const bare: Timing = {
      start,
      length,
      isWholeDays,
      zone,
      repeats: {
        rule: parsed?.ok === true ? parsed.value : null,
        added: added.map((days) => start + days * dayMs),
        changes: [],
      },
    }
    const moments = wallsOf(bare)
    const changes = changed.flatMap(([index, is]): readonly OccurrenceChange[] => {
      const on = moments[index]
      if (on === undefined) return []
      return is === 'moved' ? [{ is, on, to: on + 3 * dayMs, length: null }] : [{ is, on }]
    })
    return { ...bare, repeats: bare.repeats === null ? null : { ...bare.repeats, changes } }
  })

/** When the first dates begin by the clock on the wall; those that a clock change skips are none of them. */
function wallsOf(timing: Timing): readonly number[] {
  const utc = { ...timing, zone: 'UTC' }
  return inTwoYears(utc).map((one) => one.key)
}

function inTwoYears(timing: Timing): readonly Occurrence[] {
  const wanted = { from: Date.UTC(2026, 0, 1), before: Date.UTC(2028, 0, 1), most: 2000 }
  return occurrencesOf(timing, wanted).occurrences
}

type Told = readonly [number, number, boolean]
const told = ({ startsAt, endsAt, isCancelled }: Occurrence): Told => [startsAt, endsAt, isCancelled]
const inOrder = (all: readonly Told[]) => all.toSorted((a, b) => a[0] - b[0] || a[1] - b[1])

/** What ical.js makes of a file over the same two years; days are of the zone that is given. */
function readElsewhere(text: string, zone: string): readonly Told[] {
  const calendar = new ICAL.Component(ICAL.parse(text) as never)
  ICAL.TimezoneService.reset()
  for (const part of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(part)
  const parts = calendar.getAllSubcomponents('vevent')
  const main = parts.find((part) => !part.hasProperty('recurrence-id'))
  const exceptions = parts.filter((part) => part !== main)
  const own = new ICAL.Event(main, { exceptions } as never)
  const instant = (time: ICAL.Time) =>
    time.isDate
      ? instantOfWall(Date.UTC(time.year, time.month - 1, time.day), zone)
      : time.toJSDate().getTime()
  const found: Told[] = []
  const iterator = own.iterator()
  for (let next = iterator.next(); next as unknown; next = iterator.next()) {
    const { item, startDate, endDate } = own.getOccurrenceDetails(next)
    if (instant(next) > Date.UTC(2028, 0, 10) || found.length > 2000) break
    const isCancelled = item.component.getFirstPropertyValue('status') === 'CANCELLED'
    // It adds times by the clock on the wall, where RFC 5545 (3.3.6) has them exact.
    const [start, length] = [instant(startDate), item.duration.toSeconds() * 1000]
    found.push([start, startDate.isDate ? instant(endDate) : start + length, isCancelled])
  }
  return inOrder(
    found.filter(([startsAt]) => startsAt >= Date.UTC(2026, 0, 1) && startsAt < Date.UTC(2028, 0, 1)),
  )
}

describe('a calendar file', () => {
  it('has the same occurrences by another parser over two years', () => {
    fc.assert(
      fc.property(timings, (timing) => {
        fc.pre(inTwoYears(timing).length > 0)
        // Of a time that a change of clocks, by night, skips or brings twice, ical.js takes the other one than
        // RFC 5545 (3.3.5) does.
        fc.pre(timing.start % dayMs >= 3 * hour || timing.isWholeDays)
        const text = calendarText({ name: '', events: [event(timing)] }, now)
        expect(readElsewhere(text, timing.zone)).toEqual(inOrder(inTwoYears(timing).map(told)))
      }),
      { numRuns: 100 },
    )
  })

  it('is read back with the same occurrences and words, and written again as it was', () => {
    fc.assert(
      fc.property(timings, fc.string({ unit: 'grapheme', maxLength: 200 }), (timing, words) => {
        const given = event(timing, { title: words, place: words })
        const text = calendarText({ name: 'Swap days', events: [given] }, now)
        expect(calendarText({ name: 'Swap days', events: [given] }, now)).toBe(text)
        const read = readCalendar(text, timing.zone)
        expect(read.faults).toEqual([])
        expect(read.name).toBe('Swap days')
        const [back] = read.events
        expect(back).toMatchObject({
          uid: given.uid,
          sequence: 3,
          summary: given.summary,
          address: given.address,
          terms: given.terms,
          isCancelled: false,
        })

        const plain = words
          .replace(/\r\n?/g, '\n')
          .replace(/[\u0000-\u0008\u000B-\u001F\u007F]/g, '')
          .trim()
        expect(back?.title).toBe(plain)
        expect(back === undefined ? [] : inTwoYears(back.timing).map(told)).toEqual(
          inTwoYears(timing).map(told),
        )
      }),
    )
  })

  it('has lines of 75 octets at most that come together again, whatever they hold', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'binary', maxLength: 300 })), (texts) => {
        const lines = texts.map((text) => `SUMMARY:${textValue(text)}`)
        const file = foldedText(lines)
        for (const line of file.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
        expect(unfoldedLines(file)).toEqual(lines)
      }),
    )
  })

  it('tells a zone by its changes: a whole file as it is sent', () => {
    const text = calendarText({ name: '', events: [event(once, { summary: '', terms: [] })] }, now)
    expect(text.split('\r\n').slice(0, 12)).toEqual([
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//Bushel//Calendar//EN',
      'CALSCALE:GREGORIAN',
      'METHOD:PUBLISH',
      'BEGIN:VTIMEZONE',
      'TZID:Europe/London',
      'BEGIN:STANDARD',
      'DTSTART:20261201T000000',
      'TZOFFSETFROM:+0000',
      'TZOFFSETTO:+0000',
      'END:STANDARD',
    ])
    expect(text).toContain(
      'BEGIN:DAYLIGHT\r\nDTSTART:20270328T010000\r\nRDATE:20270328T010000\r\nRDATE:20280326T010000',
    )
    expect(text.slice(text.indexOf('BEGIN:VEVENT')).split('\r\n')).toEqual([
      'BEGIN:VEVENT',
      'UID:812@sorrel-hill.example',
      'DTSTAMP:20261101T090000Z',
      'LAST-MODIFIED:20261101T090000Z',
      'SEQUENCE:3',
      'DTSTART;TZID=Europe/London:20261202T173000',
      'DURATION:PT2H30M',
      'SUMMARY:Wednesday menders',
      'LOCATION:Workshop\\, Old Kilns',
      'URL:https://sorrel-hill.example/swap-days/wednesday-menders',
      'END:VEVENT',
      'END:VCALENDAR',
      '',
    ])
  })
})

describe('rules as texts', () => {
  it.each([...rules, 'FREQ=YEARLY;BYDAY=-1SU;BYMONTH=3;BYSETPOS=1;WKST=SU'])(
    'come back as they were: %s',
    (text) => {
      const parsed = parseRule(text)
      const written = parsed.ok
        ? ruleText(parsed.value, ({ at, isDay }) => (isDay ? utcStamp(at).slice(0, 8) : utcStamp(at)))
        : ''
      expect(parseRule(written)).toEqual(parsed)
    },
  )
})

describe('reading', () => {
  it('takes the example of RFC 5545, section 4 (from memory of its text)', () => {
    const text = [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//hacksw/handcal//NONSGML v1.0//EN',
      'BEGIN:VEVENT',
      'UID:19970610T172345Z-AF23B2@example.com',
      'DTSTAMP:19970610T172345Z',
      'DTSTART:19970714T170000Z',
      'DTEND:19970715T040000Z',
      'SUMMARY:Bastille Day Party',
      'END:VEVENT',
      'END:VCALENDAR',
    ].join('\r\n')
    expect(readCalendar(text, 'Europe/London')).toMatchObject({
      faults: [],
      events: [
        {
          uid: '19970610T172345Z-AF23B2@example.com',
          title: 'Bastille Day Party',
          timing: { start: Date.UTC(1997, 6, 14, 17), length: 11 * hour, zone: 'UTC', repeats: null },
        },
      ],
    })
  })

  it('takes the examples of RFC 5545, section 3.6.1: an anniversary, and a day that is not included', () => {
    const text = [
      'BEGIN:VCALENDAR',
      'BEGIN:VEVENT',
      'UID:19970901T130000Z-123403@example.com',
      'DTSTAMP:19970901T130000Z',
      'DTSTART;VALUE=DATE:19971102',
      'SUMMARY:Our Blissful Anniversary',
      'TRANSP:TRANSPARENT',
      'CLASS:CONFIDENTIAL',
      'CATEGORIES:ANNIVERSARY,PERSONAL,SPECIAL OCCASION',
      'RRULE:FREQ=YEARLY',
      'END:VEVENT',
      'BEGIN:VEVENT',
      'UID:20070423T123432Z-541111@example.com',
      'DTSTAMP:20070423T123432Z',
      'DTSTART;VALUE=DATE:20070628',
      'DTEND;VALUE=DATE:20070709',
      'SUMMARY:Festival International de Jazz de Montreal',
      'END:VEVENT',
      'END:VCALENDAR',
    ].join('\n')
    const { events, faults } = readCalendar(text, 'America/New_York')
    expect(faults).toEqual([])
    expect(events).toMatchObject([
      {
        terms: ['ANNIVERSARY', 'PERSONAL', 'SPECIAL OCCASION'],
        timing: { start: Date.UTC(1997, 10, 2), length: dayMs, isWholeDays: true },
      },
      { timing: { start: Date.UTC(2007, 5, 28), length: 11 * dayMs, isWholeDays: true } },
    ])
  })

  it('unfolds the example of RFC 5545, section 3.1, and its escaped text of section 3.3.11', () => {
    expect(
      unfoldedLines('DESCRIPTION:This is a lo\r\n ng description\r\n  that exists on a long line.'),
    ).toEqual(['DESCRIPTION:This is a long description that exists on a long line.'])
    expect(readText('Project XYZ Final Review\\nConference Room - 3B\\nCome Prepared.')).toBe(
      'Project XYZ Final Review\nConference Room - 3B\nCome Prepared.',
    )
    expect(readTexts('one\\, two,three')).toEqual(['one, two', 'three'])
    expect(readLine('ATTENDEE;CN="George Herman ^\'Babe^\' Ruth":mailto:babe@example.com')).toEqual({
      name: 'ATTENDEE',
      parameters: { CN: ['George Herman "Babe" Ruth'] },
      value: 'mailto:babe@example.com',
    })
  })

  it.each([
    ['P15DT5H0M20S', 15 * dayMs + 5 * hour + 20_000],
    ['P7W', 49 * dayMs],
    ['PT0S', 0],
    ['-PT15M', null],
    ['P', null],
    ['PT', null],
    ['1H', null],
  ])('takes durations as RFC 5545, section 3.3.6 has them: %s', (text, length) => {
    expect(readDuration(text)).toBe(length)
  })

  it('writes durations that it reads', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e7 }), (seconds) => {
        expect(readDuration(durationText(seconds * 1000, false))).toBe(seconds * 1000)
      }),
    )
  })

  it('tells what it can’t keep, by the event, and keeps the others', () => {
    const lines = (...own: readonly string[]) => ['BEGIN:VEVENT', ...own, 'END:VEVENT']
    const text = [
      'BEGIN:VCALENDAR',
      ...lines('UID:1', 'SUMMARY:Without a beginning'),
      ...lines('UID:2', 'SUMMARY:Backwards', 'DTSTART:20261203T100000Z', 'DTEND:20261203T090000Z'),
      ...lines('UID:3', 'SUMMARY:Hourly', 'DTSTART:20261203T100000Z', 'RRULE:FREQ=FORTNIGHTLY'),
      ...lines('SUMMARY:Without a name', 'DTSTART:20261203T100000'),
      ...lines('UID:5', 'SUMMARY:Well', 'DTSTART;TZID=/example.org/Europe/London:20261203T100000'),
      'END:VCALENDAR',
    ].join('\r\n')
    const { events, faults } = readCalendar(text, 'Asia/Kathmandu')
    expect(faults.map((one) => one.of)).toEqual([
      'Without a name',
      'Without a beginning',
      'Backwards',
      'Hourly',
    ])
    expect(events.map((one) => [one.title, one.timing.zone])).toEqual([
      ['Hourly', 'UTC'],
      ['Without a name', 'Asia/Kathmandu'],
      ['Well', 'Europe/London'],
    ])
    expect(readCalendar('<html>', 'UTC').faults).toHaveLength(1)
  })

  it('never fails on what is no calendar', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.string(),
            fc.constantFrom(
              'BEGIN:VCALENDAR',
              'BEGIN:VEVENT',
              'END:VEVENT',
              'END:VCALENDAR',
              'UID:1',
              'DTSTART:20261203',
              'RRULE:FREQ=DAILY',
              'RECURRENCE-ID:20261204',
              'EXDATE:x',
            ),
          ),
        ),
        (lines) => {
          expect(() => readCalendar(lines.join('\r\n'), 'UTC')).not.toThrow()
        },
      ),
    )
  })
})
