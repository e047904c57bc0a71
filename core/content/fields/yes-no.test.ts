import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { yesNo } from './yes-no'

const settings = { yes: 'In stock', no: 'Sold out' }
keepsPromises(yesNo, fc.record({ settings: fc.constant(settings), value: fc.boolean() }))

it.each([
  ['in stock', true],
  ['TRUE', true],
  ['1', true],
  ['Sold out', false],
  ['no', false],
])('reads “%s”', (text, value) => {
  expect(yesNo.read(text, settings, fieldPlace)).toEqual({ ok: true, value })
})

it('refuses what is neither', () => {
  expect(messageOf(yesNo.read('maybe', settings, fieldPlace))).toBe('This is “In stock” or “Sold out”.')
  expect(messageOf(yesNo.parse(1, settings))).toBe('This is yes or no.')
})
