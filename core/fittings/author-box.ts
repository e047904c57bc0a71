import { boolean } from 'yup'
import { defineFitting, fittingSettings } from './define'

export interface AuthorBoxSettings {
  readonly portrait: boolean
  readonly about: boolean
  /** Whether it leads to the author’s page. */
  readonly linked: boolean
}

/** Who wrote the entry whose page it stands on, or whose page it is. */
export const authorBox = defineFitting<'author', AuthorBoxSettings>({
  name: 'author',
  title: 'Author’s box',
  about: 'Who wrote the entry of the page: portrait, name and a few words',
  defaults: { portrait: true, about: true, linked: true },
  styled: [
    { name: 'author-box', title: 'The whole box' },
    { name: 'author-portrait', title: 'Portrait', selector: '.author-box img' },
    { name: 'author-name', title: 'Name' },
    { name: 'author-about', title: 'Words about them' },
  ],
  schema: fittingSettings('author', {
    portrait: boolean().required(),
    about: boolean().required(),
    linked: boolean().required(),
  }),
  showsEntries: true,
})
