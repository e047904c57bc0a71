import type { DemoCollection } from './content/item'

/** The invented site of the demo. */
export const demoSite = {
  name: 'Sorrel Hill Seed Library',
  tagline: 'Seed to borrow, fruit to name, tools to mend. Open from nine until nobody can read the labels.',
  locale: 'en-GB',
  zone: 'Europe/London',
} as const

/** The field notes; their entries have a calendar of their own. */
export const fieldNotesCollection: DemoCollection = {
  slug: 'field-notes',
  definition: {
    name: 'Field notes',
    singular: 'Field note',
    plural: 'Field notes',
    icon: 'leaf',
    kind: 'article',
    address: '/field-notes/{slug}',
  },
  facets: ['topic', 'season'],
  fields: [],
  items: [],
  daysApart: 0,
}
