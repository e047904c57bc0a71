import { string } from 'yup'
import { textSchema } from '../schemas'
import { defineFitting, fittingSettings } from './define'

export interface BreadcrumbSettings {
  /** What the front page is called in it. */
  readonly home: string
  /** Stands between two steps. */
  readonly between: string
}

/** The way from the front page to this one. */
export const breadcrumbs = defineFitting<'breadcrumbs', BreadcrumbSettings>({
  name: 'breadcrumbs',
  title: 'Breadcrumbs',
  about: 'The way from the front page to this one',
  defaults: { home: 'Home', between: '›' },
  styled: [
    { name: 'trail-step', title: 'Step', selector: '.breadcrumbs a', isPressed: true },
    { name: 'trail-here', title: 'This page', selector: '.breadcrumbs [aria-current]' },
    { name: 'trail-between', title: 'What stands between', selector: '.breadcrumbs .between' },
  ],
  schema: fittingSettings('breadcrumbs', {
    home: textSchema()
      .trim()
      .required('Give the front page a name.')
      .max(60, 'Keep it within 60 characters.'),
    between: string().defined().max(8, 'Keep what stands between within 8 characters.'),
  }),
})
