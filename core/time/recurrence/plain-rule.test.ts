import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { expandRule } from './expand'
import { plainPlaces, plainRuleOf, plainRuleText, plainUnits } from './plain-rule'
import type { PlainRule } from './plain-rule'
import { mostCount, mostInterval, parseRule, weekdays } from './rule'

const plainRules: fc.Arbitrary<PlainRule> = fc
  .record({
    every: fc.integer({ min: 1, max: mostInterval }),
    unit: fc.constantFrom(...plainUnits),
    days: fc.subarray([...weekdays]),
    weekday: fc.option(
      fc.record({ place: fc.constantFrom(...plainPlaces), day: fc.constantFrom(...weekdays) }),
    ),
    ends: fc.oneof(
      fc.constant({ by: 'never' } as const),
      fc
        .date({ min: new Date('1970-01-01'), max: new Date('2999-12-31'), noInvalidDate: true })
        .map((day) => ({ by: 'day', day: day.toISOString().slice(0, 10) }) as const),
      fc.integer({ min: 1, max: mostCount }).map((count) => ({ by: 'count', count }) as const),
    ),
  })
  .map((rule) => ({
    ...rule,
    days: rule.unit === 'WEEKLY' ? rule.days : [],
    weekday: rule.unit === 'MONTHLY' ? rule.weekday : null,
  }))

describe('a rule as people say it', () => {
  it('is written as RFC 5545 has it, and read back as it was', () => {
    fc.assert(
      fc.property(plainRules, (rule) => {
        const text = plainRuleText(rule)
        expect(parseRule(text).ok).toBe(true)
        expect(plainRuleOf(text)).toEqual(rule)
      }),
    )
  })

  it.each([
    ['FREQ=WEEKLY;INTERVAL=2;BYDAY=WE;UNTIL=20270531', 'every second Wednesday until the end of May'],
    ['FREQ=MONTHLY;BYDAY=-1FR', 'the last Friday of each month'],
    ['FREQ=DAILY;COUNT=10', 'ten days (RFC 5545, 3.8.5.3)'],
    // Of one day in a week it makes no difference where weeks begin.
    ['FREQ=WEEKLY;INTERVAL=2;WKST=SU;BYDAY=TU', 'every other Tuesday'],
  ])('is that of %s: %s', (text) => {
    const rule = plainRuleOf(text)
    expect(rule).not.toBeNull()
    const dates = (of: string) => {
      const parsed = parseRule(of)
      const from = Date.UTC(2026, 0, 6, 10)
      return parsed.ok
        ? expandRule(parsed.value, from, { from, before: Date.UTC(2028, 0, 1), most: 500 }).moments
        : []
    }
    expect(dates(rule === null ? '' : plainRuleText(rule))).toEqual(dates(text))
  })

  it.each([
    'FREQ=MONTHLY;BYMONTHDAY=15,30',
    'FREQ=MONTHLY;BYDAY=TU,WE,TH;BYSETPOS=3',
    'FREQ=YEARLY;BYDAY=20MO',
    'FREQ=WEEKLY;BYDAY=MO;BYMONTH=3',
    'FREQ=WEEKLY;INTERVAL=2;WKST=SU;BYDAY=TU,SU',
    'FREQ=DAILY;UNTIL=19971224T000000Z',
    'FREQ=HOURLY',
    'FREQ=SOMETIMES',
    '',
  ])('is none where more is said, or nothing: %s', (text) => {
    expect(plainRuleOf(text)).toBeNull()
  })

  it('has numbers that a rule may have, whatever was typed', () => {
    fc.assert(
      fc.property(plainRules, fc.double(), fc.double(), (rule, every, count) => {
        const text = plainRuleText({ ...rule, every, ends: { by: 'count', count } })
        expect(parseRule(text).ok).toBe(true)
      }),
    )
  })
})
