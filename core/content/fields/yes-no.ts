import { object, string } from 'yup'
import { refusal } from './define'
import type { FieldType } from './define'

export interface YesNoSettings {
  /** What yes and no are called: “In stock” and “Sold out”. */
  readonly yes: string
  readonly no: string
}

const name = (which: string) =>
  string().trim().required(`Give “${which}” a word.`).max(40, 'Keep the word within 40 characters.')

/** One of two. */
export const yesNo: FieldType<'yes-no', YesNoSettings, boolean> = {
  name: 'yes-no',
  title: 'Yes or no',
  about: 'One of two, under words of your own.',
  settings: object({ yes: name('yes'), no: name('no') })
    .noUnknown()
    .required(),
  defaults: { yes: 'Yes', no: 'No' },
  parse: (input) => (typeof input === 'boolean' ? { ok: true, value: input } : refusal('This is yes or no.')),
  read(text, { yes, no }) {
    const word = text.trim().toLowerCase()
    if ([yes.toLowerCase(), 'yes', 'true', '1'].includes(word)) return { ok: true, value: true }
    if ([no.toLowerCase(), 'no', 'false', '0'].includes(word)) return { ok: true, value: false }
    return refusal(`This is “${yes}” or “${no}”.`)
  },
  write: (value) => (value ? 'yes' : 'no'),
  format: (value, { yes, no }) => (value ? yes : no),
  filter: 'key',
  keys: (value) => [value ? 'yes' : 'no'],
  sort: 'number',
  orders: ({ yes, no }) => [`${no.toLowerCase()} first`, `${yes.toLowerCase()} first`],
  sortKey: (value) => (value ? 1 : 0),
}
