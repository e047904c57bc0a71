import { number, string } from 'yup'
import { isAddress } from '../content/fields/address'
import { defineFitting, fittingSettings } from './define'

export interface PictureSettings {
  /** Id of the picture; null until one is chosen. */
  readonly picture: number | null
  /** Below it; empty for none. */
  readonly caption: string
  /** Where it leads; empty for nowhere. */
  readonly address: string
}

/** A picture of the site's own, with words below it. */
export const pictureFitting = defineFitting<'picture', PictureSettings>({
  name: 'picture',
  title: 'Picture',
  about: 'A picture with words below it, and where it leads',
  defaults: { picture: null, caption: '', address: '' },
  styled: [
    { name: 'picture-shown', title: 'Picture', selector: '.picture-fitting img', heldBy: '.picture-fitting' },
    { name: 'picture-caption', title: 'Words below it', selector: '.picture-fitting figcaption' },
  ],
  schema: fittingSettings('picture', {
    picture: number().integer().positive().nullable().defined(),
    caption: string().defined().max(400, 'Keep the words below it within 400 characters.'),
    address: string()
      .defined()
      .max(2000, 'Keep the address within 2,000 characters.')
      .test(
        'address',
        'Write an address as /plots or https://example.org.',
        (value) => value === undefined || value === '' || isAddress(value),
      ),
  }),
  label: ({ caption }) => caption,
})
