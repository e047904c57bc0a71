import { string } from 'yup'
import { textSchema } from '../schemas'
import { defineFitting, fittingSettings } from './define'

export interface SearchSettings {
  /** Read in the empty field. */
  readonly hint: string
  /** On the button. */
  readonly button: string
}

/** A field to type words into, which leads to the search page. */
export const search = defineFitting<'search', SearchSettings>({
  name: 'search',
  title: 'Search box',
  about: 'A field for words that leads to what is found',
  defaults: { hint: 'Words to look for', button: 'Search' },
  styled: [
    { name: 'search-field', title: 'Field', selector: '.search-form input' },
    { name: 'search-button', title: 'Button', selector: '.search-form button', isPressed: true },
  ],
  schema: fittingSettings('search', {
    hint: string().defined().max(80, 'Keep these words within 80 characters.'),
    button: textSchema().trim().required('Give the button a word.').max(40, 'Keep it within 40 characters.'),
  }),
})
