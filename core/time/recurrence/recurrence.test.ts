import { describe, expect, it } from 'vitest'
import { expandRule } from './expand'
import { wallOf } from '../zones'
import { parseRule } from './rule'
import type { RecurrenceRule } from './rule'

const zone = 'America/New_York'
const at = (text: string) => Date.parse(`${text}Z`)
const shown = (moment: number) => new Date(moment).toISOString().slice(0, 16)

/** The rule with its end by the clock of the zone, as what it belongs to brings it there. */
function ruleOf(text: string): RecurrenceRule {
  const parsed = parseRule(text)
  if (!parsed.ok) throw new Error(`${text}: ${parsed.faults[0]?.message}`)
  const { until } = parsed.value
  return until?.clock === 'utc'
    ? { ...parsed.value, until: { ...until, clock: 'wall', at: wallOf(until.at, zone) } }
    : parsed.value
}

function expanded(rule: string, start: string, most: number): readonly string[] {
  return expandRule(ruleOf(rule), at(start), { from: -Infinity, before: Infinity, most }).moments.map(shown)
}

/** “1997-09 2 4 6, 1997-10 1” as days. */
function days(text: string): readonly string[] {
  return text.split(/,\s*/).flatMap((month) => {
    const [of = '', ...numbers] = month.trim().split(' ')
    return numbers.flatMap((one) => {
      const [from = 0, to = from] = one.split('-').map(Number)
      return Array.from(
        { length: to - from + 1 },
        (_, more) => `${of}-${String(from + more).padStart(2, '0')}`,
      )
    })
  })
}

describe('the worked examples of RFC 5545, 3.8.5.3 (New York, begun on 2 September 1997 at nine)', () => {
  const nine = '1997-09-02T09:00'

  // [rule, dates printed (all of them, or the first where it goes on), start, whether it ends there]
  it.each<[rule: string, printed: string, start?: string, ends?: 'ends']>([
    ['FREQ=DAILY;COUNT=10', '1997-09 2-11', nine, 'ends'],
    [
      'FREQ=DAILY;UNTIL=19971224T000000Z',
      '1997-09 2-30, 1997-10 1-31, 1997-11 1-30, 1997-12 1-23',
      nine,
      'ends',
    ],
    [
      'FREQ=DAILY;INTERVAL=2',
      '1997-09 2 4 6 8 10 12 14 16 18 20 22 24 26 28 30, 1997-10 2 4 6 8 10 12 14 16 18 20 22 24 26 28 30, 1997-11 1 3 5 7 9 11 13 15 17 19 21 23 25 27 29, 1997-12 1 3',
    ],
    ['FREQ=DAILY;INTERVAL=10;COUNT=5', '1997-09 2 12 22, 1997-10 2 12', nine, 'ends'],
    [
      'FREQ=YEARLY;UNTIL=20000131T140000Z;BYMONTH=1;BYDAY=SU,MO,TU,WE,TH,FR,SA',
      '1998-01 1-31, 1999-01 1-31, 2000-01 1-31',
      '1998-01-01T09:00',
      'ends',
    ],
    [
      'FREQ=DAILY;UNTIL=20000131T140000Z;BYMONTH=1',
      '1998-01 1-31, 1999-01 1-31, 2000-01 1-31',
      '1998-01-01T09:00',
      'ends',
    ],
    ['FREQ=WEEKLY;COUNT=10', '1997-09 2 9 16 23 30, 1997-10 7 14 21 28, 1997-11 4', nine, 'ends'],
    [
      'FREQ=WEEKLY;UNTIL=19971224T000000Z',
      '1997-09 2 9 16 23 30, 1997-10 7 14 21 28, 1997-11 4 11 18 25, 1997-12 2 9 16 23',
      nine,
      'ends',
    ],
    [
      'FREQ=WEEKLY;INTERVAL=2;WKST=SU',
      '1997-09 2 16 30, 1997-10 14 28, 1997-11 11 25, 1997-12 9 23, 1998-01 6 20, 1998-02 3 17',
    ],
    [
      'FREQ=WEEKLY;UNTIL=19971007T000000Z;WKST=SU;BYDAY=TU,TH',
      '1997-09 2 4 9 11 16 18 23 25 30, 1997-10 2',
      nine,
      'ends',
    ],
    ['FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH', '1997-09 2 4 9 11 16 18 23 25 30, 1997-10 2', nine, 'ends'],
    [
      'FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR',
      '1997-09 1 3 5 15 17 19 29, 1997-10 1 3 13 15 17 27 29 31, 1997-11 10 12 14 24 26 28, 1997-12 8 10 12 22',
      '1997-09-01T09:00',
      'ends',
    ],
    [
      'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH',
      '1997-09 2 4 16 18 30, 1997-10 2 14 16',
      nine,
      'ends',
    ],
    [
      'FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
      '1997-09 5, 1997-10 3, 1997-11 7, 1997-12 5, 1998-01 2, 1998-02 6, 1998-03 6, 1998-04 3, 1998-05 1, 1998-06 5',
      '1997-09-05T09:00',
      'ends',
    ],
    [
      'FREQ=MONTHLY;UNTIL=19971224T000000Z;BYDAY=1FR',
      '1997-09 5, 1997-10 3, 1997-11 7, 1997-12 5',
      '1997-09-05T09:00',
      'ends',
    ],
    [
      'FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU',
      '1997-09 7 28, 1997-11 2 30, 1998-01 4 25, 1998-03 1 29, 1998-05 3 31',
      '1997-09-07T09:00',
      'ends',
    ],
    [
      'FREQ=MONTHLY;COUNT=6;BYDAY=-2MO',
      '1997-09 22, 1997-10 20, 1997-11 17, 1997-12 22, 1998-01 19, 1998-02 16',
      '1997-09-22T09:00',
      'ends',
    ],
    [
      'FREQ=MONTHLY;BYMONTHDAY=-3',
      '1997-09 28, 1997-10 29, 1997-11 28, 1997-12 29, 1998-01 29, 1998-02 26',
      '1997-09-28T09:00',
    ],
    [
      'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15',
      '1997-09 2 15, 1997-10 2 15, 1997-11 2 15, 1997-12 2 15, 1998-01 2 15',
      nine,
      'ends',
    ],
    [
      'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1',
      '1997-09 30, 1997-10 1 31, 1997-11 1 30, 1997-12 1 31, 1998-01 1 31, 1998-02 1',
      '1997-09-30T09:00',
      'ends',
    ],
    [
      'FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15',
      '1997-09 10-15, 1999-03 10-13',
      '1997-09-10T09:00',
      'ends',
    ],
    [
      'FREQ=MONTHLY;INTERVAL=2;BYDAY=TU',
      '1997-09 2 9 16 23 30, 1997-11 4 11 18 25, 1998-01 6 13 20 27, 1998-03 3 10 17 24 31',
    ],
    [
      'FREQ=YEARLY;COUNT=10;BYMONTH=6,7',
      '1997-06 10, 1997-07 10, 1998-06 10, 1998-07 10, 1999-06 10, 1999-07 10, 2000-06 10, 2000-07 10, 2001-06 10, 2001-07 10',
      '1997-06-10T09:00',
      'ends',
    ],
    [
      'FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3',
      '1997-03 10, 1999-01 10, 1999-02 10, 1999-03 10, 2001-01 10, 2001-02 10, 2001-03 10, 2003-01 10, 2003-02 10, 2003-03 10',
      '1997-03-10T09:00',
      'ends',
    ],
    [
      'FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200',
      '1997-01 1, 1997-04 10, 1997-07 19, 2000-01 1, 2000-04 9, 2000-07 18, 2003-01 1, 2003-04 10, 2003-07 19, 2006-01 1',
      '1997-01-01T09:00',
      'ends',
    ],
    ['FREQ=YEARLY;BYDAY=20MO', '1997-05 19, 1998-05 18, 1999-05 17', '1997-05-19T09:00'],
    ['FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO', '1997-05 12, 1998-05 11, 1999-05 17', '1997-05-12T09:00'],
    [
      'FREQ=YEARLY;BYMONTH=3;BYDAY=TH',
      '1997-03 13 20 27, 1998-03 5 12 19 26, 1999-03 4 11 18 25',
      '1997-03-13T09:00',
    ],
    [
      'FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8',
      '1997-06 5 12 19 26, 1997-07 3 10 17 24 31, 1997-08 7 14 21 28, 1998-06 4 11 18 25, 1998-07 2 9 16 23 30, 1998-08 6 13 20 27, 1999-06 3 10 17 24, 1999-07 1 8 15 22 29, 1999-08 5 12 19 26',
      '1997-06-05T09:00',
    ],
    [
      // Its start is left out there by EXDATE, and the rule itself does not give it.
      'FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13',
      '1998-02 13, 1998-03 13, 1998-11 13, 1999-08 13, 2000-10 13',
    ],
    [
      'FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13',
      '1997-09 13, 1997-10 11, 1997-11 8, 1997-12 13, 1998-01 10, 1998-02 7, 1998-03 7, 1998-04 11, 1998-05 9, 1998-06 13',
      '1997-09-13T09:00',
    ],
    [
      'FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8',
      '1996-11 5, 2000-11 7, 2004-11 2',
      '1996-11-05T09:00',
    ],
    [
      'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3',
      '1997-09 4, 1997-10 7, 1997-11 6',
      '1997-09-04T09:00',
      'ends',
    ],
    [
      'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2',
      '1997-09 29, 1997-10 30, 1997-11 27, 1997-12 30, 1998-01 29, 1998-02 26, 1998-03 30',
      '1997-09-29T09:00',
    ],
    ['FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO', '1997-08 5 10 19 24', '1997-08-05T09:00', 'ends'],
    ['FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU', '1997-08 5 17 19 31', '1997-08-05T09:00', 'ends'],
    [
      'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5',
      '2007-01 15 30, 2007-02 15, 2007-03 15 30',
      '2007-01-15T09:00',
      'ends',
    ],
  ])('%s', (rule, printed, start = nine, ends = undefined) => {
    const wanted = days(printed)
    const found = expanded(rule, start, wanted.length + (ends ? 5 : 0))
    expect(found).toEqual(wanted.map((day) => `${day}T09:00`))
  })

  // [rule, times printed]
  it.each([
    // As corrected by erratum 3883: until 17:00 in New York.
    ['FREQ=HOURLY;INTERVAL=3;UNTIL=19970902T210000Z', ['02T09:00', '02T12:00', '02T15:00']],
    [
      'FREQ=MINUTELY;INTERVAL=15;COUNT=6',
      ['02T09:00', '02T09:15', '02T09:30', '02T09:45', '02T10:00', '02T10:15'],
    ],
    ['FREQ=MINUTELY;INTERVAL=90;COUNT=4', ['02T09:00', '02T10:30', '02T12:00', '02T13:30']],
  ])('%s', (rule, printed) => {
    expect(expanded(rule, nine, printed.length + 5)).toEqual(printed.map((one) => `1997-09-${one}`))
  })

  it.each([
    'FREQ=DAILY;BYHOUR=9,10,11,12,13,14,15,16;BYMINUTE=0,20,40',
    'FREQ=MINUTELY;INTERVAL=20;BYHOUR=9,10,11,12,13,14,15,16',
  ])('every twenty minutes from nine to twenty to five: %s', (rule) => {
    const times = [9, 10, 11, 12, 13, 14, 15, 16].flatMap((hour) =>
      ['00', '20', '40'].map((minute) => `${String(hour).padStart(2, '0')}:${minute}`),
    )
    const printed = ['1997-09-02', '1997-09-03'].flatMap((day) => times.map((time) => `${day}T${time}`))
    expect(expanded(rule, nine, printed.length)).toEqual(printed)
  })
})
