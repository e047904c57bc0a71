import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf, plainText } from '~~/tests/support/field-promises'
import { shortText } from './short-text'

keepsPromises(shortText, fc.record({ settings: fc.constant({ most: 200 }), value: plainText }))

it('keeps to one line and to its length in characters, not in code units', () => {
  expect(shortText.parse('  Broad bean ', { most: 20 })).toEqual({ ok: true, value: 'Broad bean' })
  expect(shortText.parse('🌱🌱🌱', { most: 3 }).ok).toBe(true)
  expect(messageOf(shortText.parse('🌱🌱🌱🌱', { most: 3 }))).toBe('Keep this within 3 characters; it has 4.')
  expect(messageOf(shortText.parse('two\nlines', { most: 20 }))).toBe('Keep this on one line.')
  expect(shortText.read('two\nlines', { most: 20 }, fieldPlace)).toEqual({ ok: true, value: 'two lines' })
})

it.each(['', '   ', '\u3000'])('takes no blank: “%s”', (blank) => {
  expect(messageOf(shortText.parse(blank, { most: 20 }))).toBe('This is empty.')
})

it('takes nothing the database cannot keep', () => {
  expect(messageOf(shortText.parse('a\0b', { most: 20 }))).toContain('cannot be stored')
  expect(messageOf(shortText.parse('a\ud800b', { most: 20 }))).toContain('cannot be stored')
})
