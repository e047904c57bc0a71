import type { ControlPlace } from '~~/core/listing/visitors'
import type { SortControl } from '~~/core/visitors/sort'
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
  sort: 'Sort',
  order: 'Order',
  sortLayouts: { menu: 'A menu', bar: 'A bar' } satisfies Record<SortControl['layout'], string>,
  own: 'The listing’s own order is called',
  orderName: 'What it is called',
  usual: (words: string) => `Empty for “${words}”`,
  addOrder: 'Offer another order',
  removeOrder: 'Offer it no more',
  amount: 'Choose how many at once',
  atOnce: 'At once',
  amounts: 'Numbers to choose from',
  amountsHint: (own: number) => `Besides the ${own} that it shows by itself`,
  amountsWrong: 'Whole numbers from 1 to 200, at most 6 of them.',
  settings: (label: string) => `Settings of ${label}`,
  remove: 'Remove this control',
  label: 'What it is called',
  labelHint: (facet: string) => `Empty for “${facet}”`,
  labelHidden: 'Only read aloud',
  layout: 'Laid out as',
  layouts: {
    bar: 'A bar',
    tabs: 'Tabs',
    list: 'A list',
    ticks: 'Boxes to tick',
    menu: 'A menu',
  } satisfies Record<TermsControl['layout'], string>,
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
