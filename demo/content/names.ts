/** The facets, terms and authors of the demo site. All people are invented. */

export const topics = [
  { slug: 'soil', name: 'Soil', within: null },
  { slug: 'compost', name: 'Compost', within: 'soil' },
  { slug: 'mulch', name: 'Mulch', within: 'soil' },
  { slug: 'water', name: 'Water', within: 'soil' },
  { slug: 'seed', name: 'Seed', within: null },
  { slug: 'saving', name: 'Saving', within: 'seed' },
  { slug: 'storing', name: 'Storing', within: 'seed' },
  { slug: 'sowing', name: 'Sowing', within: 'seed' },
  { slug: 'orchard', name: 'Orchard', within: null },
  { slug: 'grafting', name: 'Grafting', within: 'orchard' },
  { slug: 'pruning', name: 'Pruning', within: 'orchard' },
  { slug: 'wildlife', name: 'Wildlife', within: null },
  { slug: 'workshop', name: 'Workshop', within: null },
  { slug: 'neighbours', name: 'Neighbours', within: null },
] as const

export const seasons = [
  { slug: 'spring', name: 'Spring', within: null },
  { slug: 'summer', name: 'Summer', within: null },
  { slug: 'autumn', name: 'Autumn', within: null },
  { slug: 'winter', name: 'Winter', within: null },
] as const

export const authors = [
  { slug: 'maud-ferris', name: 'Maud Ferris', about: 'Keeps the compost pens and the rain book.' },
  { slug: 'tobias-quill', name: 'Tobias Quill', about: 'Seed room, labels, and the long shed stove.' },
  { slug: 'ines-applegarth', name: 'Ines Applegarth', about: 'Looks after the orchard and its bees.' },
  { slug: 'osric-pennywell', name: 'Osric Pennywell', about: 'Mends what the rest of us break.' },
  { slug: 'lida-marrow', name: 'Lida Marrow', about: 'Runs the children’s beds and the soup days.' },
  { slug: 'juno-thackaberry', name: 'Juno Thackaberry', about: 'Counts moths, draws maps, loses gloves.' },
] as const

export type TopicSlug = (typeof topics)[number]['slug']
export type SeasonSlug = (typeof seasons)[number]['slug']
export type AuthorSlug = (typeof authors)[number]['slug']
