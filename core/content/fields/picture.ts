import { object } from 'yup'
import { idsFromText, readId } from './checks'
import type { FieldType } from './define'

/** One picture of the media. */
export const pictureField: FieldType<'picture', object, number> = {
  name: 'picture',
  title: 'Picture',
  about: 'One picture besides the lead picture.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse: (input) => readId(input, 'a picture'),
  read: (text) => readId(idsFromText(text)?.[0], 'a picture'),
  write: (value) => String(value),
  format: () => 'a picture',
  filter: 'presence',
  sort: null,
  sortKey: null,
  refersTo: (value) => [{ to: 'media', id: value }],
}
