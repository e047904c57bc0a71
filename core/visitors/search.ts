import { object, string } from 'yup'
import { textSchema } from '../schemas'
import { wantedWords } from '../text/search-words'
import { defineControl } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { fieldTargets } from './ways'

/** Looking for words in what the entries of a listing say. */
export interface SearchControl extends Labelled {
  readonly control: 'search'
  /** Read in the empty field. */
  readonly hint: string
  /** On the button. */
  readonly button: string
}

export const newSearchControl: SearchControl = {
  control: 'search',
  ...usualLabel,
  labelHidden: true,
  hint: 'Words to look for',
  button: 'Find',
}

/** So many characters are looked for at most. */
export const longestSearch = 200

export const searchControl = defineControl<'search', SearchControl, string>({
  name: 'search',
  title: 'Search',
  schema: object({
    control: string<'search'>().oneOf(['search']).required(),
    ...labelledSchema,
    hint: textSchema().defined().max(80, 'Keep these words within 80 characters.'),
    button: textSchema().required('Give the button a word.').max(40, 'Keep it within 40 characters.'),
  })
    .noUnknown()
    .required(),
  styled: [...fieldTargets, { name: 'narrow-found', title: 'Words that were found', selector: '.card mark' }],
  label: ({ label }) => label || 'Words',
  of: () => '',
  parameter: () => 'search',
  read(_, text, { words }) {
    const asked = text.trim().slice(0, longestSearch)
    return { choice: wantedWords(asked, words.locale).length === 0 ? null : asked, unknown: [] }
  },
  write: (_, choice) => choice.trim(),
  asks: (_, choice, { words }) => ({ test: 'words', words: wantedWords(choice, words.locale) }),
  isOneOfFew: () => false,
  told: (_, choice) => [{ title: `“${choice}”`, without: null }],
})
