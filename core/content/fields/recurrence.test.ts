import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { firstDayOf, recurrence } from './recurrence'

const rules = fc
  .record({
    freq: fc.constantFrom('DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'),
    interval: fc.option(fc.integer({ min: 1, max: 12 })),
    days: fc.subarray(['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU']),
    count: fc.option(fc.integer({ min: 1, max: 60 })),
  })
  .map(({ freq, interval, days, count }) =>
    [
      `FREQ=${freq}`,
      interval !== null && `INTERVAL=${interval}`,
      count !== null && `COUNT=${count}`,
      days.length > 0 && `BYDAY=${days.join(',')}`,
    ]
      .filter(Boolean)
      .join(';'),
  )
keepsPromises(recurrence, fc.record({ settings: fc.constant({}), value: rules }))

// RFC 5545, 3.8.5.3: rules of its examples.
it.each([
  'FREQ=DAILY;COUNT=10',
  'FREQ=DAILY;UNTIL=19971224T000000Z',
  'FREQ=DAILY;INTERVAL=2',
  'FREQ=WEEKLY;INTERVAL=2;WKST=SU',
  'FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH',
  'FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
  'FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU',
  'FREQ=MONTHLY;BYMONTHDAY=-3',
  'FREQ=YEARLY;COUNT=10;BYMONTH=6,7',
  'FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO',
  'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3',
  'FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200',
])('takes the rule %s', (rule) => {
  expect(recurrence.read(`RRULE:${rule}`, {}, fieldPlace)).toEqual({ ok: true, value: rule })
})

it.each([
  ['FREQ=HOURLY', 'Events repeat daily, weekly, monthly or yearly.'],
  ['INTERVAL=2', 'Events repeat daily, weekly, monthly or yearly.'],
  ['FREQ=WEEKLY;BYDAY=XX', 'This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.'],
  ['FREQ=WEEKLY;COUNT=5;UNTIL=20270101T000000Z', 'A rule ends after a count or on a day, not both.'],
  ['FREQ=WEEKLY;COLOUR=RED', '“COLOUR” cannot stand in a rule here.'],
  ['FREQ=WEEKLY;FREQ=DAILY', 'A part of the rule is given twice.'],
  ['every week', 'This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.'],
])('refuses %s', (rule, message) => {
  expect(messageOf(recurrence.parse(rule, {}))).toBe(message)
})

it('reads in words', () => {
  expect(recurrence.format('FREQ=MONTHLY;BYDAY=1SA', {}, fieldPlace)).toBe('every month on the 1st Saturday')
  expect(recurrence.format('FREQ=WEEKLY;COUNT=6', {}, fieldPlace)).toBe('every week for 6 times')
})

it.each([
  ['de', 'FREQ=MONTHLY;BYDAY=1SA', '↻ 1 Monat: Samstag (1)'],
  ['de', 'FREQ=WEEKLY;INTERVAL=2;BYDAY=SA,SU;COUNT=6', '↻ 2 Wochen: Samstag, Sonntag × 6'],
  ['fr', 'FREQ=YEARLY;BYMONTH=6;BYMONTHDAY=21', '↻ 1 an: juin et 21'],
  ['ja', 'FREQ=DAILY', '↻ 1 日'],
])('reads in the words of %s: %s', (locale, rule, words) => {
  expect(recurrence.format(rule, {}, { ...fieldPlace, locale }).replaceAll(/[\s\u00a0\u202f]+/gu, ' ')).toBe(
    words,
  )
})

// RFC 5545, 3.8.5.3: rules of its examples, with the first days that it lists.
it.each([
  ['FREQ=DAILY;COUNT=10', '1997-09-02', '1997-09-02'],
  ['FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH', '1997-09-03', '1997-09-04'],
  ['FREQ=MONTHLY;COUNT=10;BYDAY=1FR', '1997-09-02', '1997-09-05'],
  ['FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13', '1997-09-02', '1998-02-13'],
])('%s, from %s, falls first on %s', (rule, from, first) => {
  expect(firstDayOf(rule, from)).toBe(first)
})
