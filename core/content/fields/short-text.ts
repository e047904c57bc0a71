import { number, object } from 'yup'
import { readText } from './checks'
import type { FieldType } from './define'

export interface ShortTextSettings {
  /** Characters at most, 1 to 500. */
  readonly most: number
}

/** One line of plain text. */
export const shortText: FieldType<'short-text', ShortTextSettings, string> = {
  name: 'short-text',
  title: 'Short text',
  about: 'One line: a subtitle, a name, a number on a label.',
  settings: object({
    most: number()
      .integer('Use a whole number.')
      .min(1, 'Allow at least 1 character.')
      .max(500, 'Allow at most 500 characters; take a long text for more.')
      .required(),
  })
    .noUnknown()
    .required(),
  defaults: { most: 120 },
  parse: (input, settings) => readText(input, settings.most, 'one'),
  read: (text, settings) => readText(text.replace(/\s*\n\s*/g, ' '), settings.most, 'one'),
  write: (value) => value,
  format: (value) => value,
  filter: 'text',
  texts: (value) => [value],
  sort: 'text',
  sortKey: (value) => value,
}
