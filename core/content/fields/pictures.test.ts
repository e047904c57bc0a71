import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { pictures } from './pictures'

keepsPromises(
  pictures,
  fc.record({
    settings: fc.constant({ most: 20 }),
    value: fc.uniqueArray(fc.integer({ min: 1, max: 9999 }), { minLength: 1, maxLength: 20 }),
  }),
)

it('keeps the order and names each picture once', () => {
  expect(pictures.parse([3, 1, 3, 2], { most: 3 })).toEqual({ ok: true, value: [3, 1, 2] })
  expect(pictures.refersTo?.([3, 1])).toEqual([
    { to: 'media', id: 3 },
    { to: 'media', id: 1 },
  ])
})

it('takes no more than it may, and pictures only', () => {
  expect(messageOf(pictures.parse([1, 2, 3], { most: 2 }))).toBe('Choose at most 2.')
  expect(messageOf(pictures.parse([], { most: 2 }))).toBe('Choose pictures.')
  expect(pictures.read('1, x', { most: 5 }, fieldPlace).ok).toBe(false)
})
