import fc from 'fast-check'
import ICAL from 'ical.js'
import * as rruleModule from 'rrule'
import { DateTime } from 'luxon'
import { describe, expect, it } from 'vitest'
import { expandRule } from './expand'
import { parseRule, weekdays } from './rule'

// Node loads the package as CommonJS, under `default`.
const { RRule } = (Reflect.get(rruleModule, 'default') ?? rruleModule) as typeof rruleModule

/** In order: rrule gives the hours of a day as they are given. */
const numbers = (least: number, most: number, size = 3) =>
  fc
    .uniqueArray(fc.integer({ min: least, max: most }), { minLength: 1, maxLength: size })
    .map((all) => all.toSorted((a, b) => a - b))
const signed = (most: number) =>
  fc.uniqueArray(
    fc.integer({ min: -most, max: most }).filter((one) => one !== 0),
    { minLength: 1, maxLength: 3 },
  )
const plainDays = fc.subarray([...weekdays], { minLength: 1 })
const countedDays = (most: number) =>
  fc
    .uniqueArray(
      fc.tuple(
        fc.integer({ min: -most, max: most }).filter((one) => one !== 0),
        fc.constantFrom(...weekdays),
      ),
      { minLength: 1, maxLength: 3, selector: ([, day]) => day },
    )
    .map((days) => days.map(([nth, day]) => `${nth}${day}`))
const perhaps = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined, freq: 2 })

/**
 * Not those that lie in two years, which luxon judges below: rrule leaves out the days of the first in
 * December where it is counted from the last, and takes the last in January to be of the wrong number.
 */
const weeksWithin = signed(51)

const monthly = fc.record({
  FREQ: fc.constant('MONTHLY'),
  BYMONTH: perhaps(numbers(1, 12)),
  BYMONTHDAY: perhaps(signed(31)),
  BYDAY: perhaps(fc.oneof(plainDays, countedDays(5))),
})
const yearly = fc.oneof(
  fc.record({
    FREQ: fc.constant('YEARLY'),
    BYMONTH: perhaps(numbers(1, 12)),
    BYMONTHDAY: perhaps(signed(31)),
    BYDAY: perhaps(plainDays),
  }),
  fc.record({
    FREQ: fc.constant('YEARLY'),
    BYMONTH: perhaps(numbers(1, 12)),
    BYDAY: fc.oneof(plainDays, countedDays(5)),
  }),
  fc.record({ FREQ: fc.constant('YEARLY'), BYDAY: countedDays(52) }),
  fc.record({ FREQ: fc.constant('YEARLY'), BYYEARDAY: signed(366) }),
  fc.record({ FREQ: fc.constant('YEARLY'), BYWEEKNO: weeksWithin, BYDAY: plainDays }),
)
const weekly = fc.record({
  FREQ: fc.constant('WEEKLY'),
  BYMONTH: perhaps(numbers(1, 12)),
  BYDAY: perhaps(plainDays),
})
const daily = fc.record({
  FREQ: fc.constant('DAILY'),
  BYMONTH: perhaps(numbers(1, 12)),
  BYMONTHDAY: perhaps(signed(31)),
  BYDAY: perhaps(plainDays),
  BYHOUR: perhaps(numbers(0, 23)),
})
const hourly = fc.record({
  FREQ: fc.constant('HOURLY'),
  BYDAY: perhaps(plainDays),
  BYHOUR: perhaps(numbers(0, 23)),
  BYMINUTE: perhaps(numbers(0, 59)),
})

type Parts = Readonly<Record<string, string | number | readonly (string | number)[] | undefined>>
const withStep = (of: fc.Arbitrary<Parts>) =>
  fc.tuple(of, fc.integer({ min: 1, max: 4 }), fc.constantFrom('MO', 'SU', 'SA'))
const text = (parts: Parts) =>
  Object.entries(parts)
    .filter(([, value]) => value !== undefined)
    .map(([name, value]) => `${name}=${String(value)}`)
    .join(';')
/** Rules that come: over those that never do, rrule goes through all days up to the year 9999. */
const comes = ([rule, start]: readonly [string, number]) =>
  ours(rule, start, start + 10 * sixYears, 1).length > 0
const rules = (...kinds: readonly fc.Arbitrary<Parts>[]) =>
  withStep(fc.oneof(...kinds)).map(([parts, interval, weekStart]) =>
    text({ ...parts, INTERVAL: interval, WKST: weekStart }),
  )
/** On any day of sixty years, at any whole minute. */
const starts = fc
  .integer({ min: Date.UTC(1985, 0, 1) / 60_000, max: Date.UTC(2045, 0, 1) / 60_000 })
  .map((minutes) => minutes * 60_000)
const sixYears = 6 * 366 * 86_400_000
const begun = (...kinds: readonly fc.Arbitrary<Parts>[]) => fc.tuple(rules(...kinds), starts).filter(comes)

function ours(rule: string, start: number, before: number, most: number): readonly number[] {
  const parsed = parseRule(rule)
  if (!parsed.ok) throw new Error(`${rule}: ${parsed.faults[0]?.message}`)
  return expandRule(parsed.value, start, { from: start, before, most }).moments
}

describe('random rules give the dates that', () => {
  it('rrule gives, over six years', () => {
    fc.assert(
      fc.property(begun(yearly, monthly, weekly, daily), ([rule, start]) => {
        const options = { ...RRule.parseString(rule), dtstart: new Date(start) }
        const theirs = new RRule(options).between(new Date(start), new Date(start + sixYears - 1), true)
        expect(ours(rule, start, start + sixYears, Infinity)).toEqual(theirs.map((one) => one.getTime()))
      }),
      { numRuns: 500 },
    )
  })

  it('luxon gives, of weeks by their ISO numbers from both ends of the year', () => {
    fc.assert(
      fc.property(signed(53), plainDays, starts, (weeks, days, start) => {
        const rule = `FREQ=YEARLY;BYWEEKNO=${String(weeks)};BYDAY=${String(days)};WKST=MO`
        const isMeant = (at: DateTime) =>
          days.includes(weekdays[at.weekday - 1] ?? 'MO') &&
          weeks.some((week) => at.weekNumber === (week > 0 ? week : at.weeksInWeekYear + 1 + week))
        const first = DateTime.fromMillis(start, { zone: 'UTC' })
        const theirs = Array.from({ length: 6 * 366 }, (_, day) => first.plus({ days: day })).filter(isMeant)
        expect(ours(rule, start + 1, start + sixYears, Infinity)).toEqual(
          theirs.map((one) => one.toMillis()).filter((one) => one > start),
        )
      }),
    )
  })

  it('rrule gives, over a week by hours', () => {
    const week = 7 * 86_400_000
    fc.assert(
      fc.property(begun(hourly), ([rule, start]) => {
        const options = {
          ...RRule.parseString(rule),
          dtstart: new Date(start),
          until: new Date(start + week),
        }
        const theirs = new RRule(options).all((_, at) => at < 200)
        expect(ours(rule, start, start + week + 1, 200)).toEqual(theirs.map((one) => one.getTime()))
      }),
      { numRuns: 100 },
    )
  })

  // What it makes of months beside weeks, and of days of the month beside others, is not the RFC's.
  it('ical.js gives, of the plainer kinds', () => {
    const plain = fc.oneof(
      fc.record({ FREQ: fc.constant('WEEKLY'), BYDAY: perhaps(plainDays) }),
      fc.record({ FREQ: fc.constant('MONTHLY'), BYDAY: fc.oneof(plainDays, countedDays(4)) }),
      fc.record({ FREQ: fc.constant('MONTHLY'), BYMONTHDAY: numbers(1, 28) }),
      fc.record({ FREQ: fc.constant('YEARLY'), BYMONTH: numbers(1, 12), BYMONTHDAY: numbers(1, 28) }),
    )
    fc.assert(
      fc.property(begun(plain), ([rule, start]) => {
        const iterator = ICAL.Recur.fromString(rule).iterator(ICAL.Time.fromJSDate(new Date(start), true))
        const theirs = Array.from({ length: 30 }, () => iterator.next()?.toJSDate().getTime()).filter(
          (one) => one !== undefined && one < start + sixYears,
        )
        expect(ours(rule, start, start + sixYears, theirs.length)).toEqual(theirs)
      }),
      { numRuns: 200 },
    )
  })
})

it('does not depend on where it is asked from, and counts from the start', () => {
  fc.assert(
    fc.property(
      rules(yearly, monthly, weekly, daily),
      starts,
      fc.option(fc.integer({ min: 1, max: 30 }), { nil: null }),
      fc.integer({ min: 0, max: sixYears }),
      (plain, start, count, later) => {
        const rule = count === null ? plain : `${plain};COUNT=${count}`
        const parsed = parseRule(rule)
        if (!parsed.ok) throw new Error(rule)
        const all = ours(rule, start, start + sixYears, Infinity)
        const part = expandRule(parsed.value, start, {
          from: start + later,
          before: start + sixYears,
          most: Infinity,
        })
        expect(part.moments).toEqual(all.filter((one) => one >= start + later))
        expect(all.length).toBeLessThanOrEqual(count ?? Infinity)
      },
    ),
    { numRuns: 300 },
  )
})
