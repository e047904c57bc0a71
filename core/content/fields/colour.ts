import { object } from 'yup'
import { refusal } from './define'
import type { FieldType } from './define'

/** `#rrggbb`, small letters. */
const stored = /^#[0-9a-f]{6}$/

/** A colour. */
export const colour: FieldType<'colour', object, string> = {
  name: 'colour',
  title: 'Colour',
  about: 'A colour: of a flower, a band, a label.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse: (input) =>
    typeof input === 'string' && stored.test(input)
      ? { ok: true, value: input }
      : refusal('This takes a colour, such as #a8431f.'),
  read(text, settings) {
    const plain = text.trim().toLowerCase()
    const short = /^#?([0-9a-f])([0-9a-f])([0-9a-f])$/.exec(plain)
    if (short)
      return colour.parse(
        `#${short
          .slice(1)
          .map((digit) => digit + digit)
          .join('')}`,
        settings,
      )
    const channels = /^rgb\(\s*(\d{1,3})[\s,]+(\d{1,3})[\s,]+(\d{1,3})\s*\)$/
      .exec(plain)
      ?.slice(1)
      .map(Number)
    if (channels?.every((channel) => channel <= 255))
      return colour.parse(
        `#${channels.map((channel) => channel.toString(16).padStart(2, '0')).join('')}`,
        settings,
      )
    return colour.parse(plain.startsWith('#') ? plain : `#${plain}`, settings)
  },
  write: (value) => value,
  format: (value) => value,
  filter: 'key',
  keys: (value) => [value],
  sort: null,
  sortKey: null,
}
