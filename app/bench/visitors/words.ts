import type { ControlPlace } from '~~/core/listing/visitors'
import type { DatesControl } from '~~/core/visitors/dates'
import type { ControlFold } from '~~/core/visitors/labelled'
import type { RangeControl } from '~~/core/visitors/range'
import type { wordParts } from '~~/core/text/placed-words'
import type { SortControl } from '~~/core/visitors/sort'
import type { TermsControl } from '~~/core/visitors/terms'
import type { ValuesControl } from '~~/core/visitors/values'
import type { ViewsControl } from '~~/core/visitors/views'

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
  looksIn: 'Looks in',
  wordParts: { title: 'Titles', summary: 'Summaries', text: 'Texts' } satisfies Record<
    (typeof wordParts)[number],
    string
  >,
  rangeLayouts: { fields: 'Two fields', slider: 'A scale', steps: 'Steps' } satisfies Record<
    RangeControl['layout'],
    string
  >,
  steps: 'Where steps meet',
  stepsHint: 'Numbers, as 2, 5 and 10',
  stepsWrong: 'Numbers, at most 12 of them.',
  goneField: 'A field that is gone',
  compare: 'Compare a few',
  compared: 'Compare',
  mostCompared: 'At most',
  mark: 'On each card',
  dateLayouts: { spans: 'Stretches of time', months: 'Months', fields: 'Two days' } satisfies Record<
    DatesControl['layout'],
    string
  >,
  spans: 'Stretches of time offered',
  published: 'Narrow by when they were published',
  when: 'Narrow by when they happen',
  sort: 'Sort',
  order: 'Order',
  sortLayouts: { menu: 'A menu', bar: 'A bar' } satisfies Record<SortControl['layout'], string>,
  own: 'The listing’s own order is called',
  orderName: 'What it is called',
  usual: (words: string) => `Empty for “${words}”`,
  addOrder: 'Offer another order',
  removeOrder: 'Offer it no more',
  views: 'Change the view',
  view: 'View',
  viewLayouts: { bar: 'A bar', tabs: 'Tabs', menu: 'A menu' } satisfies Record<
    ViewsControl['layout'],
    string
  >,
  ownView: 'As the listing is laid out is called',
  viewName: 'This view is called',
  viewPlace: (place: number) => `View ${place}`,
  viewShape: 'Laid out as',
  viewCard: 'Its cards',
  ownCard: 'As in the listing',
  keptCard: 'Of its own',
  viewSettings: 'How it is laid out',
  exchange: 'Exchange with the listing’s own',
  exchangeHint:
    'Shape and card of the listing change places with this view: set them there, and exchange again.',
  addView: 'Offer another view',
  removeView: 'Offer it no more',
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
  folds: 'Folds away',
  foldings: { never: 'Never', open: 'Open at first', folded: 'Folded at first' } satisfies Record<
    ControlFold | 'never',
    string
  >,
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
  authors: 'Narrow by author',
  author: 'Author',
  icons: 'Their icons',
  iconPlaces: { none: 'None', before: 'Before', above: 'Above' } satisfies Record<
    NonNullable<TermsControl['icons']> | 'none',
    string
  >,
  callOtherwise: 'Call a term otherwise',
  otherName: (term: string) => `${term}, called`,
  takeName: (term: string) => `Call ${term} by its own name`,
  goneTerm: 'A term that is gone',
  valueChoosings: { one: 'One', any: 'Any of several' } satisfies Record<ValuesControl['choose'], string>,
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
