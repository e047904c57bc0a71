import fc from 'fast-check'
import { expect, it } from 'vitest'
import { keepsPromises, messageOf, plainText } from '~~/tests/support/field-promises'
import { longText } from './long-text'

keepsPromises(
  longText,
  fc.record({
    settings: fc.constant({ most: 2000 }),
    value: fc.array(plainText, { minLength: 1, maxLength: 6 }).map((lines) => lines.join('\n')),
  }),
)

it('keeps its lines, with one kind of line end', () => {
  expect(longText.parse('one\r\n\r\ntwo\rthree\n\n', { most: 50 })).toEqual({
    ok: true,
    value: 'one\n\ntwo\nthree',
  })
})

it('keeps within its length', () => {
  expect(messageOf(longText.parse('x'.repeat(51), { most: 50 }))).toBe(
    'Keep this within 50 characters; it has 51.',
  )
})
