import { boolean, object } from 'yup'
import { idSchema } from '../../schemas'
import { idsFromText, readIds } from './checks'
import type { FieldType } from './define'

export interface ReferenceSettings {
  /** The collection whose entries may be named. */
  readonly collection: number
  readonly many: boolean
}

const most = 50

/** Entries of a collection, by id. */
export const reference: FieldType<'reference', ReferenceSettings, readonly number[]> = {
  name: 'reference',
  title: 'Reference',
  about: 'Entries of a collection: the tools of a lesson, the bed of a crop.',
  settings: object({
    collection: idSchema('Choose a collection.').required('Choose a collection.'),
    many: boolean().required(),
  })
    .noUnknown()
    .required(),
  defaults: { collection: 0, many: true },
  parse: (input, { many }) => readIds(input, many ? most : 1, 'an entry'),
  read: (text, { many }) => readIds(idsFromText(text), many ? most : 1, 'an entry'),
  write: (value) => value.join(', '),
  format: (value) => (value.length === 1 ? '1 entry' : `${value.length} entries`),
  filter: 'key',
  keys: (value) => value,
  sort: null,
  sortKey: null,
  refersTo: (value) => value.map((id) => ({ to: 'entry', id })),
}
