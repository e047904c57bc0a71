import { number, object } from 'yup'
import { idsFromText, readIds } from './checks'
import type { FieldType } from './define'

export interface PicturesSettings {
  /** Pictures at most, 1 to 100. */
  readonly most: number
}

/** Several pictures in an order. */
export const pictures: FieldType<'pictures', PicturesSettings, readonly number[]> = {
  name: 'pictures',
  title: 'Several pictures',
  about: 'Pictures in an order: a gallery, steps, before and after.',
  settings: object({
    most: number()
      .integer('Use a whole number.')
      .min(1, 'Allow at least 1 picture.')
      .max(100, 'Allow at most 100 pictures.')
      .required(),
  })
    .noUnknown()
    .required(),
  defaults: { most: 20 },
  parse: (input, { most }) => readIds(input, most, 'pictures'),
  read: (text, { most }) => readIds(idsFromText(text), most, 'pictures'),
  write: (value) => value.join(', '),
  format: (value) => (value.length === 1 ? '1 picture' : `${value.length} pictures`),
  filter: 'presence',
  sort: null,
  sortKey: null,
  refersTo: (value) => value.map((id) => ({ to: 'media', id })),
}
