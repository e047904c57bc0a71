import { describe, expect, it } from 'vitest'
import type { Timing } from '../../time/occurrences'
import { nextDates, withChange, withDate, withoutChange, withRule } from './repetition-edits'
import { repetitionOf } from './repetition'
import type { RecurrenceValue } from './repetition'

const rule = 'FREQ=WEEKLY;BYDAY=WE'
const cancelled = { is: 'cancelled', on: '2026-12-09T10:00' } as const
const moved = { is: 'moved', on: '2026-12-02T10:00', to: '2026-12-03T11:30' } as const

describe('what is set for single dates', () => {
  it('is added in order, replaced and taken back; a rule without any is its text again', () => {
    const one = withChange(rule, cancelled)
    expect(one).toEqual({ rule, added: [], changes: [cancelled] })
    const two = withChange(one, moved)
    expect(two).toEqual({ rule, added: [], changes: [moved, cancelled] })
    const out = { is: 'leftOut', on: cancelled.on } as const
    expect(withChange(two, out)).toEqual({ rule, added: [], changes: [moved, out] })
    expect(withoutChange(withoutChange(two, moved.on), cancelled.on)).toBe(rule)
    const more = withDate(rule, '2026-12-26T14:00', true)
    expect(more).toEqual({ rule, added: ['2026-12-26T14:00'], changes: [] })
    expect(withDate(more, '2026-12-26T14:00', false)).toBe(rule)
  })

  it('stays with another rule, and goes with the rule', () => {
    const set = withChange(rule, cancelled)
    expect(withRule(set, 'FREQ=DAILY')).toEqual({ rule: 'FREQ=DAILY', added: [], changes: [cancelled] })
    expect(withRule(set, '')).toBeNull()
    expect(withRule(null, rule)).toBe(rule)
  })
})

describe('the next dates', () => {
  const timingOf = (value: RecurrenceValue): Timing => ({
    start: Date.parse('2026-11-25T10:00Z'),
    length: 3_600_000,
    isWholeDays: false,
    zone: 'Europe/London',
    repeats: repetitionOf(value),
  })
  const now = Date.parse('2026-11-28T12:00Z')
  const shown = (value: RecurrenceValue, count = 2) =>
    nextDates(timingOf(value), value, now, count).map(({ on, change, isAdded }) => [
      on,
      change?.is ?? null,
      isAdded,
    ])

  it('are as the rule has them, with what is set for each', () => {
    const value = withDate(withChange(withChange(rule, cancelled), moved), '2026-12-05T14:00', true)
    expect(shown(value ?? '', 3)).toEqual([
      ['2026-12-02T10:00', 'moved', false],
      ['2026-12-05T14:00', null, true],
      ['2026-12-09T10:00', 'cancelled', false],
    ])
  })

  it('end with those that something is set for, however late they are', () => {
    const late = { is: 'leftOut', on: '2027-07-07T10:00' } as const
    expect(shown(withChange(rule, late) ?? '')).toEqual([
      ['2026-12-02T10:00', null, false],
      ['2026-12-09T10:00', null, false],
      ['2027-07-07T10:00', 'leftOut', false],
    ])
  })

  it('are none where the rule has ended', () => {
    expect(shown(`${rule};UNTIL=20261126`)).toEqual([])
  })
})
