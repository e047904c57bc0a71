import { string } from 'yup'
import { menuRowsSchema } from '../menus'
import type { MenuRow } from '../menus'
import { textSchema } from '../schemas'
import { defineFitting, fittingSettings } from './define'

export const menuSources = ['head', 'foot', 'own'] as const
export const menuLayouts = ['upright', 'across'] as const

export interface MenuSettings {
  /** One of the site's menus, or links of its own. */
  readonly of: (typeof menuSources)[number]
  /** Used for links of its own; kept otherwise. */
  readonly links: readonly MenuRow[]
  /** Below each other with all that is nested, or in a row where that folds out. */
  readonly layout: (typeof menuLayouts)[number]
  /** What it is called where it is read aloud. */
  readonly title: string
}

/** Checks what a menu is called where it is read aloud. */
export function menuTitle() {
  return textSchema().trim().required('Say what it is.').max(60, 'Keep it within 60 characters.')
}

/** A menu that stands on the page. */
export const menuFitting = defineFitting<'menu', MenuSettings>({
  name: 'menu',
  title: 'Menu',
  about: 'Links to pages and elsewhere, of the site or of its own',
  defaults: { of: 'head', links: [], layout: 'upright', title: 'Menu' },
  styled: [
    { name: 'menu-box', title: 'The whole menu', selector: '.menu' },
    {
      name: 'menu-link',
      title: 'Link',
      selector: '.menu :is(a, summary)',
      chosen: ':is([aria-current], [data-here])',
      isPressed: true,
    },
    { name: 'menu-under', title: 'What folds out', selector: '.menu details > ul' },
  ],
  label: ({ title }) => title,
  schema: fittingSettings('menu', {
    of: string()
      .oneOf([...menuSources])
      .required(),
    links: menuRowsSchema().required(),
    layout: string()
      .oneOf([...menuLayouts])
      .required(),
    title: menuTitle(),
  }),
})
