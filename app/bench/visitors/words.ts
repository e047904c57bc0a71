import type { ControlPlace } from '~~/core/listing/visitors'
import type { TermsControl } from '~~/core/visitors/terms'

/** What the drawer of what visitors can do says. */
export const words = {
  edit: 'Visitors',
  place: 'Controls stand',
  places: {
    above: 'Above it',
    before: 'Before it',
    after: 'After it',
    below: 'Below it',
  } satisfies Record<ControlPlace, string>,
  placeHint: 'Before and after it where there is room, and above it where there is not.',
  none: 'Visitors take the listing as it is. Let them narrow it.',
  add: 'Add a control',
  narrowBy: (facet: string) => `Narrow by ${facet}`,
  search: 'Search its entries',
  words: 'Words',
  hint: 'Words in the empty field',
  button: 'On the button',
  settings: (label: string) => `Settings of ${label}`,
  remove: 'Remove this control',
  label: 'What it is called',
  labelHint: (facet: string) => `Empty for “${facet}”`,
  labelHidden: 'Only read aloud',
  layout: 'Laid out as',
  layouts: { bar: 'A bar', list: 'A list' } satisfies Record<TermsControl['layout'], string>,
  choose: 'Visitors choose',
  choosings: { one: 'One', any: 'Any of several', all: 'All of several' } satisfies Record<
    TermsControl['choose'],
    string
  >,
  offer: 'Terms offered',
  offers: { all: 'All', chosen: 'Chosen', 'most-used': 'Most used' } satisfies Record<
    TermsControl['offer'],
    string
  >,
  terms: 'Terms, in this order',
  most: 'In sight at first',
  counts: 'With how many each would find',
  empty: 'Also those that would find nothing now',
  all: 'What chooses none of them',
  entries: (count: number) => (count === 1 ? '1 entry' : `${count} entries`),
  idle: 'No entry that it shows has a term of this: visitors see nothing of it.',
  gone: 'A facet that is gone',
} as const
