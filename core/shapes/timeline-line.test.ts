import fc from 'fast-check'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import type { Dated } from './dated'
import { breakLength, evenGap, timeLine } from './timeline-line'
import type { LineSettings } from './timeline-line'
import { timeline } from './timeline'
import { linePlaces, trackSizes } from './track-sizes'

const zone = 'Europe/London'
const at = (text: string) => DateTime.fromISO(text, { zone }).toMillis()
/** Without the spaces that languages put around dashes. */
const plain = (text: string | undefined) => text?.replace(/\s/g, '')
const place = { locale: 'en-GB', zone, now: at('2026-11-28T10:00') }
const settings: LineSettings = { ...timeline.defaults, tells: 'year' }
const scaled: LineSettings = { ...settings, spacing: 'scale', breaks: false }
const day = (from: string, to = from): Dated => ({
  startsAt: at(from),
  endsAt: DateTime.fromISO(to, { zone }).plus({ days: 1 }).toMillis(),
  isWholeDays: true,
})

const dated = fc.array(
  fc
    .tuple(
      fc.integer({ min: at('1900-01-01'), max: at('2100-01-01') }),
      fc.oneof(fc.constant(0), fc.integer({ min: 1, max: 4e11 })),
    )
    .map(([startsAt, length]): Dated => ({ startsAt, endsAt: startsAt + length, isWholeDays: false })),
  { minLength: 1, maxLength: 20 },
)
const anySettings = fc.record({
  sides: fc.constantFrom('one', 'both'),
  spacing: fc.constantFrom('even', 'scale'),
  room: fc.integer({ min: 20, max: 1000 }),
  breaks: fc.boolean(),
  first: fc.constantFrom('oldest', 'newest'),
  headings: fc.constantFrom('none', 'year', 'decade'),
  tells: fc.constantFrom('nothing', 'year', 'month', 'day', 'time'),
  now: fc.boolean(),
}) as fc.Arbitrary<LineSettings>

describe('a line of time', () => {
  it('has nothing where nothing is dated', () => {
    expect(timeLine(settings, [], place)).toEqual({
      tracks: [],
      groups: [],
      ticks: [],
      breaks: [],
      bars: [],
      now: null,
    })
  })

  it('spaces evenly, on either side by turns, each until the next on its side', () => {
    const line = timeLine(settings, [day('1979-05-01'), day('1963-03-02'), day('2006-10-07')], place)
    expect(line.tracks).toEqual(['auto', evenGap, 'auto', evenGap, 'auto', 'auto'])
    expect(line.groups).toEqual([
      {
        heading: null,
        items: [
          { at: 1, from: 2, to: 6, next: 4, side: 'end', when: '1963' },
          { at: 0, from: 4, to: 7, next: 6, side: 'start', when: '1979' },
          { at: 2, from: 6, to: 7, next: 7, side: 'end', when: '2006' },
        ],
      },
    ])
  })

  it('cuts a long stretch without anything short and says how long it is, by the marks outside of it', () => {
    const line = timeLine(
      { ...scaled, breaks: true, room: 100 },
      [day('1961-01-01'), day('1963-01-01'), day('1965-01-01'), day('2006-01-01'), day('2008-01-01')],
      place,
    )
    expect(line.breaks.map((one) => one.text)).toEqual(['41 years'])
    const [cut] = line.breaks
    expect(line.tracks[(cut?.from ?? 0) - 1]).toBe(breakLength)
    expect(line.ticks.map((tick) => tick.text)).not.toContain('1980')
  })

  it('tells a span once, and draws it as a bar as long as it takes', () => {
    const line = timeLine(scaled, [day('1971-03-01', '1978-09-30'), day('1985-01-01')], place)
    expect(line.groups[0]?.items.map((item) => plain(item.when))).toEqual(['1971–1978', '1985'])
    const [bar] = line.bars
    const fixed = line.tracks.map((track) => (track === 'auto' ? 0 : track))
    const long = fixed.slice((bar?.from ?? 1) - 1, (bar?.to ?? 1) - 1).reduce((a, b) => a + b, 0)
    const whole = at('1985-01-02') - at('1971-03-01')
    expect(long / (2 * scaled.room)).toBeCloseTo((at('1978-10-01') - at('1971-03-01')) / whole, 2)
  })

  it('has decades as headings, the newest first where that is wanted', () => {
    const line = timeLine(
      { ...settings, headings: 'decade', first: 'newest' },
      [day('1999-12-31'), day('2001-01-01'), day('2009-01-01'), day('2010-01-01')],
      place,
    )
    expect(
      line.groups.map(({ heading, items }) => [plain(heading?.text), items.map((item) => item.when)]),
    ).toEqual([
      ['2010–2019', ['2010']],
      ['2000–2009', ['2009', '2001']],
      ['1990–1999', ['1999']],
    ])
  })

  it('marks the present between what was and what comes, and not beyond', () => {
    const around = [day('2026-11-01'), day('2026-12-24')]
    expect(timeLine(scaled, around, place).now).not.toBeNull()
    expect(timeLine({ ...scaled, now: false }, around, place).now).toBeNull()
    expect(timeLine(scaled, [day('2024-11-01'), day('2025-12-24')], place).now).toBeNull()
  })

  it('is to scale: as long in all as it has room, and each part as long as its time', () => {
    fc.assert(
      fc.property(anySettings, dated, (own, given) => {
        const line = timeLine({ ...own, spacing: 'scale', breaks: false }, given, place)
        const places = linePlaces(line.tracks.map((track) => (track === 'auto' ? 0 : track)))
        const [from, to] = [
          Math.min(...given.map((one) => one.startsAt)),
          Math.max(...given.map((one) => one.endsAt)),
        ]
        if (to === from) return
        for (const item of line.groups.flatMap((group) => group.items)) {
          const { startsAt } = given[item.at] ?? { startsAt: 0 }
          const share = (own.first === 'oldest' ? startsAt - from : to - startsAt) / (to - from)
          expect(Math.abs((places[item.from - 1] ?? NaN) - share * own.room * given.length)).toBeLessThan(1)
        }
      }),
    )
  })

  it('never has one item over another, its next on the same side or a heading', () => {
    fc.assert(
      fc.property(
        anySettings,
        dated,
        fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 20, maxLength: 20 }),
        (own, given, lengths) => {
          const line = timeLine(own, given, place)
          const items = line.groups.flatMap((group) => group.items)
          const headings = line.groups.flatMap(({ heading }) => (heading === null ? [] : [heading]))
          expect(items.map((item) => item.at).toSorted((a, b) => a - b)).toEqual(given.map((_, one) => one))
          const spans = items.map(({ from, to, at: one }) => ({ from, to, length: lengths[one] ?? 1 }))
          const places = linePlaces(
            trackSizes(line.tracks, [...spans, ...headings.map((one) => ({ ...one, length: 30 }))]),
          )
          for (const [index, item] of items.entries()) {
            const end = (places[item.from - 1] ?? 0) + (lengths[item.at] ?? 1)
            for (const other of items.slice(index + 1).filter((one) => one.side === item.side))
              expect(places[other.from - 1]).toBeGreaterThanOrEqual(end - 1e-6)
            for (const heading of headings.filter((one) => one.from >= item.from))
              expect(places[heading.from - 1]).toBeGreaterThanOrEqual(end - 1e-6)
          }
        },
      ),
    )
  })
})
