import fc from 'fast-check'
import { DateTime } from 'luxon'
import { expect, it } from 'vitest'
import { dayMs, weekOf } from './days'

// ISO 8601 week dates, from memory of its usual examples; weeks begin on Monday.
it.each([
  ['2005-01-01', 2004, 53],
  ['2005-01-02', 2004, 53],
  ['2005-12-31', 2005, 52],
  ['2006-01-01', 2005, 52],
  ['2006-01-02', 2006, 1],
  ['2006-12-31', 2006, 52],
  ['2007-01-01', 2007, 1],
  ['2007-12-30', 2007, 52],
  ['2007-12-31', 2008, 1],
  ['2008-12-28', 2008, 52],
  ['2008-12-29', 2009, 1],
  ['2009-12-31', 2009, 53],
  ['2010-01-03', 2009, 53],
])('%s lies in week %i-W%i', (day, year, week) => {
  expect(weekOf(Date.parse(day), 0)).toMatchObject({ year, week })
})

// Referee: luxon, whose week numbers are those of ISO 8601.
it('numbers the weeks of every day as another library does, and tells how many a year has', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: Date.UTC(1600, 0, 1) / dayMs, max: Date.UTC(2800, 0, 1) / dayMs }),
      (at) => {
        const { weekYear, weekNumber, weeksInWeekYear } = DateTime.fromMillis(at * dayMs, { zone: 'utc' })
        expect(weekOf(at * dayMs, 0)).toEqual({ year: weekYear, week: weekNumber, weeks: weeksInWeekYear })
      },
    ),
    { numRuns: 1000 },
  )
})
