import fc from 'fast-check'
import { expect, it } from 'vitest'
import { keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { file } from './file'

keepsPromises(
  file,
  fc.record({ settings: fc.constant(file.defaults), value: fc.integer({ min: 1, max: 2_147_483_647 }) }),
)

it.each([0, -1, 1.5, '12', null, 2_147_483_648])('refuses %s, which names no file', (value) => {
  expect(messageOf(file.parse(value, file.defaults))).toBe('Choose a file.')
})

it('tells what it points at', () => {
  expect(file.refersTo?.(12)).toEqual([{ to: 'media', id: 12 }])
})

it('may be held to kinds of file', () => {
  expect(file.settings.isValidSync({ kinds: ['video', 'captions'] })).toBe(true)
  expect(file.settings.isValidSync({ kinds: ['spreadsheet'] })).toBe(false)
})
