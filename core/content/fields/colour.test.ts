import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { colour } from './colour'

keepsPromises(
  colour,
  fc.record({
    settings: fc.constant({}),
    value: fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`),
  }),
)

// CSS Color Module Level 4, 5.2: #abc stands for #aabbcc.
it.each([
  ['#A8431F', '#a8431f'],
  ['abc', '#aabbcc'],
  ['rgb(168, 67, 31)', '#a8431f'],
  ['rgb(0 0 0)', '#000000'],
])('reads %s', (text, value) => {
  expect(colour.read(text, {}, fieldPlace)).toEqual({ ok: true, value })
})

it.each(['red-ish', '#12345', 'rgb(300, 0, 0)', '#a8431fff'])('refuses %s', (text) => {
  expect(messageOf(colour.read(text, {}, fieldPlace))).toBe('This takes a colour, such as #a8431f.')
})
