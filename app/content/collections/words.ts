import { entries } from '../counted-entries'

/** What is said where a collection is set up. */
export const collectionWords = {
  new: 'New collection',
  add: 'Add a collection',
  setUp: (name: string) => `${name}: set up`,
  about: 'What it is',
  fields: 'Fields',
  fieldsHint: 'Beside what every entry has: title, summary, text, lead picture, author, terms and dates.',
  noFields: 'No fields of its own yet.',
  name: 'Name of the collection',
  singular: 'One of them',
  plural: 'Several of them',
  icon: 'Icon',
  kind: 'To the outside world, an entry is',
  kinds: {
    article: 'an article',
    product: 'a product',
    project: 'a project',
    event: 'an event',
    session: 'a session',
    quote: 'a quote',
    video: 'a video',
    place: 'a place',
    person: 'a person',
    plain: 'something else',
  },
  address: 'Addresses of its entries',
  addressHint: '{slug} stands for the entry’s own part; {year} and {month} may come before it.',
  facets: 'Classified by',
  make: 'Make the collection',
  made: (name: string) =>
    `“${name}” is there, and so is its page. Add its first entry, or fields of its own.`,
  setUpPage: 'Set up its page',
  saved: (name: string) => `“${name}” is saved.`,
  delete: 'Delete this collection',
  deleteTitle: (name: string) => `Delete “${name}”?`,
  deleteText: (count: string) =>
    `${entries(count)} ${count === '1' ? 'leaves' : 'leave'} the site with it. You can undo this right after.`,
  askedBy: 'These listings show its entries, and will go on without them:',
  use: (listing: string, page: string) => `“${listing}” on “${page}”`,
  moreUses: (count: number) => `and ${count} more`,
  deleted: (name: string) => `“${name}” was deleted.`,
}

/** What is said of its fields. */
export const fieldWords = {
  add: 'Add a field',
  new: 'New field',
  edit: (name: string) => `Field: ${name}`,
  name: 'Name of the field',
  key: 'Key',
  keyHint: 'Names the field in files and addresses.',
  type: 'Type',
  help: 'Help',
  helpHint: 'Stands below the field in the form.',
  fallback: 'A new entry starts with',
  required: 'Needed to publish',
  filterable: 'Listings may filter by it',
  sortable: 'Listings and tables may sort by it',
  moveUp: (name: string) => `Move up: ${name}`,
  moveDown: (name: string) => `Move down: ${name}`,
  marks: { required: 'needed', filterable: 'filters', sortable: 'sorts' },
  save: 'Save the field',
  saved: (name: string) => `The field “${name}” is saved.`,
  delete: 'Delete the field',
  deleted: (name: string) => `The field “${name}” was deleted. Its values are kept.`,
  options: 'Choices',
  option: (number: number) => `Choice ${number}`,
  addOption: 'Add a choice',
  removeOption: (title: string) => `Remove the choice ${title}`,
  anyKind: 'Empty: any kind',
  trial: 'What the new type does',
  trialNone: 'No entry has a value yet. Nothing is converted.',
  trialAll: (total: string) => `All ${total} values fit the new type.`,
  trialSome: (converted: string, total: string, refused: string) =>
    `${converted} of ${total} values fit. ${refused} do not, and will be left empty:`,
  trialMore: (count: string) => `and ${count} more`,
  convert: 'Change the type',
  look: 'See what changes',
  converting: (name: string) =>
    `“${name}” gets its new type once all its values are converted. That goes on by itself.`,
  converted: (name: string) => `“${name}” has its new type.`,
  reverted: (name: string) => `“${name}” is as it was.`,
}

/** What is said of when and where its entries happen. */
export const happeningWords = {
  title: 'When and where',
  none: 'Nothing says when its entries happen. Calendars and listings of next dates go by it.',
  begin: 'Say when they happen',
  change: 'Change when they happen',
  dialog: 'When and where entries happen',
  dialogHint: 'Choose which of its fields says what. What it has no field for, add one for first.',
  notSaid: 'Not said',
  parts: {
    start: { label: 'Begins', hint: 'A day, or a date with a time.' },
    until: {
      label: 'Ends, or lasts',
      hint: 'The last day, the moment it ends, or a duration. Without one it is a moment, or a single day.',
    },
    wholeDays: {
      label: 'Whole days where',
      hint: 'Where this says yes, times of the day do not count.',
    },
    repeats: {
      label: 'Comes again by',
      hint: 'Every week, the first Saturday of a month.',
    },
    zone: {
      label: 'By the clock of',
      hint: 'Where events are elsewhere. Without one, the site’s time zone.',
    },
    where: {
      label: 'Where',
      hint: 'A place, a text or a choice.',
    },
    track: {
      label: 'Room or line',
      hint: 'What a programme has beside each other: rooms, stages, teachers.',
    },
  },
  save: 'Save when they happen',
  saved: (name: string) => `Dates of “${name}” go by these fields now.`,
}
