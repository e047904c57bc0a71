import { boolean, string } from 'yup'
import { defineFitting, fittingSettings } from './define'
import { menuTitle } from './menu'

export const siteNameMenus = ['head', 'foot', 'none'] as const

export interface SiteNameSettings {
  readonly tagline: boolean
  /** The site's icon before its name. */
  readonly icon: boolean
  /** Which of the site's menus stands at the other end of the line. */
  readonly menu: (typeof siteNameMenus)[number]
  /** Whether the menu comes when it is asked for, where it is narrow. */
  readonly folds: boolean
  /** What the menu is called where it is read aloud: another than others on the page. */
  readonly title: string
}

/** The name of the site, which leads to the front page, and a menu at the other end of the line. */
export const siteName = defineFitting<'site-name', SiteNameSettings>({
  name: 'site-name',
  title: 'Name and menu',
  about: 'The name of the site, and one of its menus at the other end of the line',
  defaults: { tagline: false, icon: false, menu: 'head', folds: true, title: 'Ways through the site' },
  styled: [
    { name: 'site-name', title: 'Name', isPressed: true },
    { name: 'site-icon', title: 'Icon', selector: '.site-name img', heldBy: '.site-name' },
    { name: 'site-tagline', title: 'Line below the name', selector: '.site-line p' },
    {
      name: 'site-link',
      title: 'Link',
      selector: '.site-nav :is(a, summary)',
      chosen: ':is([aria-current], [data-here])',
      isPressed: true,
    },
    { name: 'menu-way', title: 'Way to the menu', isPressed: true },
  ],
  schema: fittingSettings('site-name', {
    tagline: boolean().required(),
    icon: boolean().required(),
    menu: string()
      .oneOf([...siteNameMenus])
      .required(),
    folds: boolean().required(),
    title: menuTitle(),
  }),
})
