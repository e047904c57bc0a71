/** The invented site of the demo. */
export const demoSite = {
  name: 'Sorrel Hill Seed Library',
  tagline: 'Seed to borrow, fruit to name, tools to mend. Open from nine until nobody can read the labels.',
  locale: 'en-GB',
  zone: 'Europe/London',
} as const

export const fieldNotesCollection = {
  slug: 'field-notes',
  name: 'Field notes',
  singular: 'Field note',
  plural: 'Field notes',
  icon: 'leaf',
  kind: 'article',
} as const
