import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOfDay, dayOfDate } from './days'

describe('the day of a date picker', () => {
  it('is the one that was given to it, in every year that can be written', () => {
    const days = fc
      .date({ min: new Date('0001-01-01'), max: new Date('9999-12-31'), noInvalidDate: true })
      .map((date) => date.toISOString().slice(0, 10))
    fc.assert(
      fc.property(days, (day) => {
        const date = dateOfDay(day)
        expect(date && dayOfDate(date)).toBe(day)
      }),
    )
  })

  it('is none of a text that is no day', () => {
    expect(dateOfDay('')).toBeNull()
    expect(dateOfDay('26/11/2026')).toBeNull()
  })
})
