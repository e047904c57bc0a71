import fc from 'fast-check'
import { expect, it } from 'vitest'
import { keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { reference } from './reference'

const settings = { collection: 7, many: true }
keepsPromises(
  reference,
  fc.record({
    settings: fc.constant(settings),
    value: fc.uniqueArray(fc.integer({ min: 1, max: 9999 }), { minLength: 1, maxLength: 12 }),
  }),
  { readyAtOnce: false },
)

it('names one entry or several, in order', () => {
  expect(reference.parse([5, 2, 5], settings)).toEqual({ ok: true, value: [5, 2] })
  expect(messageOf(reference.parse([5, 2], { ...settings, many: false }))).toBe('Choose at most 1.')
  expect(messageOf(reference.parse('5', settings))).toBe('Choose an entry.')
})

it('tells what it points at, and needs a collection to point into', () => {
  expect(reference.refersTo?.([5])).toEqual([{ to: 'entry', id: 5 }])
  expect(reference.settings.isValidSync(reference.defaults, { strict: true })).toBe(false)
})
