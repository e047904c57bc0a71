import { number, string } from 'yup'
import { defineFitting, fittingSettings } from './define'

export interface HeadingSettings {
  readonly text: string
  /** Of the heading's element, 2 to 4. */
  readonly level: number
}

/** A heading over what comes next. */
export const heading = defineFitting<'heading', HeadingSettings>({
  name: 'heading',
  title: 'Heading',
  about: 'A heading over what comes next',
  defaults: { text: 'A heading', level: 2 },
  styled: [{ name: 'heading-fitting', title: 'Words' }],
  schema: fittingSettings('heading', {
    text: string().trim().max(160, 'Keep the heading within 160 characters.').required('Give it some words.'),
    level: number().integer().min(2).max(4, 'A heading is of level 2, 3 or 4.').required(),
  }),
  label: ({ text }) => text,
})
