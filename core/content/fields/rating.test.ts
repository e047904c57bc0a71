import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { rating } from './rating'

keepsPromises(
  rating,
  fc.record({
    settings: fc.constant({ best: 5, halves: true }),
    value: fc.integer({ min: 1, max: 10 }).map((halves) => halves / 2),
  }),
)

it('keeps to its marks', () => {
  expect(messageOf(rating.parse(4.25, { best: 5, halves: true }))).toBe('Use whole and half marks.')
  expect(messageOf(rating.parse(4.5, { best: 5, halves: false }))).toBe('Use whole marks.')
  expect(messageOf(rating.parse(5.5, { best: 5, halves: true }))).toBe('Use 5 or less.')
  expect(messageOf(rating.parse(0, { best: 5, halves: true }))).toBe('Use 0.5 or more.')
})

it.each(['4.5', '4.5/5', '4.5 of 5', '4.5 / 5'])('reads %s', (text) => {
  expect(rating.read(text, rating.defaults, fieldPlace)).toEqual({ ok: true, value: 4.5 })
})
