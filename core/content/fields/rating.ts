import { boolean, number, object } from 'yup'
import { numberFromText, readNumber } from './checks'
import { refusal } from './define'
import type { FieldType } from './define'
import { numberFormat } from '../../formats/formatters'

export interface RatingSettings {
  /** The highest mark, 2 to 10. */
  readonly best: number
  /** Whether half marks are given. */
  readonly halves: boolean
}

/** A mark from half or one up to the best. */
export const rating: FieldType<'rating', RatingSettings, number> = {
  name: 'rating',
  title: 'Rating',
  about: 'Marks out of five, or out of another number.',
  settings: object({
    best: number()
      .integer('Use a whole number.')
      .min(2, 'The best mark is 2 or more.')
      .max(10, 'The best mark is 10 at most.')
      .required(),
    halves: boolean().required(),
  })
    .noUnknown()
    .required(),
  defaults: { best: 5, halves: true },
  parse(input, { best, halves }) {
    const step = halves ? 0.5 : 1
    const read = readNumber(input, step, best)
    if (!read.ok || Number.isInteger(read.value / step)) return read
    return refusal(halves ? 'Use whole and half marks.' : 'Use whole marks.')
  },
  read: (text, settings, { locale }) =>
    rating.parse(numberFromText(text.replace(/\s*(?:\/|of)\s*\d+\s*$/, ''), locale), settings),
  write: (value) => String(value),
  format: (value, { best }, { locale }) => `${numberFormat(locale).format(value)} of ${best}`,
  parseLimit: (input) => readNumber(input, 0, 10),
  filter: 'number',
  sort: 'number',
  sortKey: (value) => value,
}
