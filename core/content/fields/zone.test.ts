import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { zoneField } from './zone'

keepsPromises(
  zoneField,
  fc.record({
    settings: fc.constant({}),
    value: fc.constantFrom(...Intl.supportedValuesOf('timeZone'), 'UTC'),
  }),
)

it.each([
  ['europe/london', 'Europe/London'],
  ['America/New York', 'America/New_York'],
  ['utc', 'utc'],
])('reads %s', (text, value) => {
  expect(zoneField.read(text, {}, fieldPlace)).toEqual({ ok: true, value })
})

it.each(['Sorrel Hill', 'GMT+25', '', 'Europe/London '.repeat(20)])('refuses %j', (text) => {
  expect(messageOf(zoneField.read(text, {}, fieldPlace))).toBe(
    'This takes a time zone, such as Europe/London.',
  )
})
