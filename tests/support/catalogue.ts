import type { Catalogue } from '~~/core/content/catalogue'
import { defaultValues } from '~~/core/looks/site-values'

/** A site that has nothing yet. */
export const emptyCatalogue: Catalogue = {
  siteName: 'Site',
  locale: 'en-GB',
  zone: 'UTC',
  placeholder: 'none',
  collections: [],
  facets: [],
  terms: [],
  authors: [],
  looks: [],
  values: defaultValues,
  fonts: [],
}
