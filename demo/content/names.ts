/** The facets, terms and authors of the demo site. All people and districts are invented. */

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

export const difficulties = [
  { slug: 'easy', name: 'Easy', within: null },
  { slug: 'some-practice', name: 'Some practice', within: null },
  { slug: 'demanding', name: 'Demanding', within: null },
] as const

export const plantFamilies = [
  { slug: 'legumes', name: 'Legumes', within: null },
  { slug: 'beans', name: 'Beans', within: 'legumes' },
  { slug: 'peas', name: 'Peas', within: 'legumes' },
  { slug: 'brassicas', name: 'Brassicas', within: null },
  { slug: 'cabbages', name: 'Cabbages and kales', within: 'brassicas' },
  { slug: 'radishes', name: 'Radishes and turnips', within: 'brassicas' },
  { slug: 'alliums', name: 'Alliums', within: null },
  { slug: 'onions', name: 'Onions and leeks', within: 'alliums' },
  { slug: 'garlic', name: 'Garlic', within: 'alliums' },
  { slug: 'nightshades', name: 'Nightshades', within: null },
  { slug: 'tomatoes', name: 'Tomatoes', within: 'nightshades' },
  { slug: 'potatoes', name: 'Potatoes', within: 'nightshades' },
  { slug: 'umbellifers', name: 'Umbellifers', within: null },
  { slug: 'roots', name: 'Carrots and parsnips', within: 'umbellifers' },
  { slug: 'herbs', name: 'Umbel herbs', within: 'umbellifers' },
  { slug: 'gourds', name: 'Gourds', within: null },
  { slug: 'squashes', name: 'Squashes', within: 'gourds' },
  { slug: 'roses', name: 'Rose family', within: null },
  { slug: 'apples', name: 'Apples and pears', within: 'roses' },
  { slug: 'plums', name: 'Plums', within: 'roses' },
  { slug: 'daisies', name: 'Daisy family', within: null },
] as const

export const districts = [
  { slug: 'upper-sorrel', name: 'Upper Sorrel', within: null, icon: 'leaf' },
  { slug: 'lower-field', name: 'Lower Field', within: null, icon: 'bed' },
  { slug: 'mill-lane', name: 'Mill Lane', within: null, icon: 'seed' },
  { slug: 'old-kilns', name: 'Old Kilns', within: null, icon: 'box' },
  { slug: 'quarry-end', name: 'Quarry End', within: null, icon: 'spade' },
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
