import { number, object } from 'yup'
import { readText } from './checks'
import type { FieldType } from './define'

export interface LongTextSettings {
  /** Characters at most, 1 to 50,000. */
  readonly most: number
}

/** Plain text of several lines. */
export const longText: FieldType<'long-text', LongTextSettings, string> = {
  name: 'long-text',
  title: 'Long text',
  about: 'Plain text of several lines, without formatting.',
  settings: object({
    most: number()
      .integer('Use a whole number.')
      .min(1, 'Allow at least 1 character.')
      .max(50_000, 'Allow at most 50,000 characters.')
      .required(),
  })
    .noUnknown()
    .required(),
  defaults: { most: 2000 },
  parse: (input, settings) => readText(input, settings.most, 'many'),
  read: (text, settings) => readText(text, settings.most, 'many'),
  write: (value) => value,
  format: (value) => value,
  filter: 'presence',
  sort: null,
  sortKey: null,
}
