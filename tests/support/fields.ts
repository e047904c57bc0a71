import fc from 'fast-check'
import type { FieldInput } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import type { FieldTypeName } from '~~/core/content/fields'
import { plainText } from './field-promises'
import { documents } from './rich-text'

/** A field of a type, at its defaults but for what is given. */
export function fieldInput(type: FieldTypeName, key: string, more: Partial<FieldInput> = {}): FieldInput {
  return {
    key,
    name: key,
    type,
    settings: fieldTypes.get(type).defaults,
    required: false,
    help: '',
    fallback: null,
    filterable: false,
    sortable: false,
    ...more,
  }
}

/** Random values of the types that point at nothing stored, under their defaults. */
export const fieldValues: Partial<Record<FieldTypeName, fc.Arbitrary<unknown>>> = {
  'short-text': plainText,
  'long-text': plainText,
  'rich-text': documents,
  number: fc.integer({ min: -1_000_000, max: 1_000_000 }),
  money: fc.record({ amount: fc.nat(10_000_000), currency: fc.constant('EUR') }),
  'yes-no': fc.boolean(),
  date: fc
    .integer({ min: -20_000, max: 20_000 })
    .map((day) => new Date(day * 86_400_000).toISOString().slice(0, 10)),
  'date-time': fc.integer({ min: -1e12, max: 4e12 }),
  choice: fc.constant(['first']),
  link: fc.constantFrom(
    { address: '/orchard', title: 'The orchard' },
    { address: 'https://example.org/', title: '' },
  ),
  place: fc.record({
    latitude: fc.integer({ min: -90, max: 90 }),
    longitude: fc.integer({ min: -180, max: 180 }),
    address: fc.constantFrom('', 'Long shed'),
  }),
  duration: fc.nat(100_000),
  rating: fc.constantFrom(0.5, 1, 4.5, 5),
  recurrence: fc.constantFrom('FREQ=WEEKLY;BYDAY=WE', 'FREQ=MONTHLY;BYDAY=1SA'),
  colour: fc.nat(0xffffff).map((value) => `#${value.toString(16).padStart(6, '0')}`),
  zone: fc.constantFrom('Europe/London', 'Asia/Kathmandu'),
}
