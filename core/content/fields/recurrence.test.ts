import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { firstDayOf, recurrence } from './recurrence'
import { mostDates, wallText } from './repetition'

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
const moments = fc
  .integer({ min: Date.UTC(1, 0, 1) / 60_000, max: Date.UTC(9999, 11, 31) / 60_000 })
  .map((minutes) => wallText(minutes * 60_000))
const changes = fc.oneof(
  fc.record({ is: fc.constantFrom('leftOut' as const, 'cancelled' as const), on: moments }),
  fc.record(
    {
      is: fc.constant('moved' as const),
      on: moments,
      to: moments,
      minutes: fc.integer({ min: 0, max: 20_160 }),
    },
    { requiredKeys: ['is', 'on', 'to'] },
  ),
)
const changed = fc
  .record({
    rule: fc.oneof(rules, fc.constant('')),
    added: fc.uniqueArray(moments, { minLength: 1, maxLength: mostDates }),
    changes: fc.uniqueArray(changes, { maxLength: mostDates, selector: (change) => change.on }),
  })
  .map(({ rule, added, changes: of }) => ({
    rule,
    added: added.toSorted(),
    changes: of.toSorted((a, b) => (a.on < b.on ? -1 : 1)),
  }))
keepsPromises(recurrence, fc.record({ settings: fc.constant({}), value: fc.oneof(rules, changed) }))

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
  ['FREQ=DAILY;BYHOUR=9,10', 'The time is that of the beginning: leave hours, minutes and seconds out.'],
  ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', 'This rule falls on no day. Ask for less at once.'],
  ['FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31', 'This rule falls on no day. Ask for less at once.'],
  ['FREQ=MONTHLY;BYDAY=5MO;BYMONTHDAY=1', 'This rule falls on no day. Ask for less at once.'],
  ['FREQ=DAILY;INTERVAL=1001', 'Use at most 1000 there.'],
  ['FREQ=DAILY;COUNT=10001', 'Use at most 10000 there.'],
  ['FREQ=WEEKLY;BYMONTHDAY=3', 'Days of the month do not go with weekly rules.'],
  ['FREQ=WEEKLY;BYDAY=1MO', '“The first Monday” goes with monthly and yearly rules only.'],
  ['FREQ=MONTHLY;BYWEEKNO=3', 'Week numbers go with yearly rules only.'],
  ['FREQ=YEARLY;BYMONTH=13', 'BYMONTH takes 1 to 12.'],
  ['every week', 'This takes a rule such as FREQ=MONTHLY;BYDAY=1SA.'],
])('refuses %s', (rule, message) => {
  expect(messageOf(recurrence.parse(rule, {}))).toBe(message)
})

it('reads in words', () => {
  expect(recurrence.format('FREQ=MONTHLY;BYDAY=1SA', {}, fieldPlace)).toBe(
    'every month on the first Saturday',
  )
  expect(recurrence.format('FREQ=WEEKLY;COUNT=6', {}, fieldPlace)).toBe('every week, 6 times')
})

// The wording is our own.
it.each([
  ['FREQ=WEEKLY;INTERVAL=2;BYDAY=WE;UNTIL=20270531', 'every second week on Wednesday, until 31 May 2027'],
  ['FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR', 'every week on working days'],
  ['FREQ=MONTHLY;BYMONTHDAY=1,-1', 'every month on the first and the last'],
  ['FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13', 'every month on Friday that falls on the 13th'],
  ['FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2', 'every month on the second to last of working days'],
  ['FREQ=YEARLY;BYMONTH=6;BYMONTHDAY=24', 'every year on the 24th in June'],
  ['FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO', 'every year on Monday of week 20'],
  ['FREQ=YEARLY;INTERVAL=3;COUNT=1;BYYEARDAY=100', 'every 3 years on the 100th day of the year, once'],
  ['FREQ=YEARLY;BYMONTH=6,7', 'every year on a day of June and July'],
])('says %s as “%s”', (rule, said) => {
  expect(recurrence.format(rule, {}, fieldPlace)).toBe(said)
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

it('keeps single dates: added, left out, cancelled, moved', () => {
  const value = {
    rule: 'FREQ=WEEKLY;BYDAY=WE',
    added: ['2026-12-26T14:00'],
    changes: [
      { is: 'leftOut', on: '2026-12-09T10:00' },
      { is: 'cancelled', on: '2026-12-23T10:00' },
      { is: 'moved', on: '2026-12-30T10:00', to: '2026-12-31T11:30', minutes: 90 },
    ],
  } as const
  const text = recurrence.write(value, {}, fieldPlace)
  expect(text.split('\n')).toEqual([
    'RRULE:FREQ=WEEKLY;BYDAY=WE',
    'RDATE:20261226T140000',
    'EXDATE:20261209T100000',
    'X-CANCELLED:20261223T100000',
    'X-MOVED:20261230T100000/20261231T113000/PT90M',
  ])
  expect(recurrence.read(text, {}, fieldPlace)).toEqual({ ok: true, value })
  expect(recurrence.format(value, {}, fieldPlace)).toBe('every week on Wednesday, 4 dates set')
})

it.each([
  [{ rule: '', added: [], changes: [] }, 'Give a rule, dates, or both.'],
  [{ rule: 'FREQ=HOURLY', added: [], changes: [] }, 'Events repeat daily, weekly, monthly or yearly.'],
  [
    { rule: 'FREQ=DAILY', added: ['2026-02-30T10:00'], changes: [] },
    'A date is written as 2026-12-23T10:00.',
  ],
  [
    { rule: 'FREQ=DAILY', added: [], changes: [{ is: 'lost', on: '2026-12-23T10:00' }] },
    'A date is left out, cancelled or moved.',
  ],
  [
    {
      rule: 'FREQ=DAILY',
      added: [],
      changes: [{ is: 'moved', on: '2026-12-23T10:00', to: '2026-12-24T10:00', minutes: 20_161 }],
    },
    'A date lasts between 0 and 20160 minutes.',
  ],
])('refuses %j', (value, message) => {
  expect(messageOf(recurrence.parse(value, {}))).toBe(message)
})

it('is its rule alone where no date is set', () => {
  const value = { rule: 'FREQ=DAILY', added: [], changes: [] }
  expect(recurrence.parse(value, {})).toEqual({ ok: true, value: 'FREQ=DAILY' })
})
