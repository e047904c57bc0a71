import fc from 'fast-check'
import { expect, it } from 'vitest'
import { keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { pictureField } from './picture'

keepsPromises(
  pictureField,
  fc.record({
    settings: fc.constant(pictureField.defaults),
    value: fc.integer({ min: 1, max: 2_147_483_647 }),
  }),
)

it.each([0, -1, 1.5, '12', null, 2_147_483_648])('refuses %s, which names no picture', (value) => {
  expect(messageOf(pictureField.parse(value, pictureField.defaults))).toBe('Choose a picture.')
})

it('tells what it points at', () => {
  expect(pictureField.refersTo?.(12)).toEqual([{ to: 'media', id: 12 }])
})
