import type { EntryLayoutName } from '~~/core/fittings/entry-layouts'
import type { RuleSettings } from '~~/core/fittings/rule'
import type { MenuSettings } from '~~/core/fittings/menu'
import type { SiteNameSettings } from '~~/core/fittings/site-name'
import type { MonthIndexSettings } from '~~/core/fittings/month-index'
import type { TermIndexSettings } from '~~/core/fittings/term-index'

/** What the settings of fittings say. */
export const words = {
  text: 'Words',
  line: 'Line',
  lines: { hairline: 'Fine', thick: 'Thick', dots: 'Dots' } satisfies Record<RuleSettings['line'], string>,
  height: 'Height',
  picture: 'Picture',
  code: 'Code',
  codeHint:
    'It runs in a frame of its own, which can read nothing of this site. It is taken when you leave the field.',
  codeTitle: 'What it is',
  codeRoom: 'Height kept for it',
  codeRoomHint: 'Until it tells its own. As high as it gets, nothing below it moves when it comes.',
  asksFirst: 'Visitors see it only after they ask for it',
  caption: 'Words below it',
  leadsTo: 'Leads to',
  facets: 'Facets',
  layout: 'Laid out as',
  layouts: { list: 'A list', row: 'A row' } satisfies Record<TermIndexSettings['layout'], string>,
  order: 'In the order',
  orders: { given: 'They are kept in', 'most-used': 'Most used first' } satisfies Record<
    TermIndexSettings['order'],
    string
  >,
  first: 'Seen at first, of each facet',
  nested: 'Nested terms below those they are nested in',
  counts: 'With how many entries have it',
  monthsOf: 'Months of',
  calendarOf: 'Dates of',
  calendarTerms: 'Only what has any of these terms',
  weekNumbers: 'Numbers of weeks',
  monthOrders: { newest: 'Newest first', oldest: 'Oldest first' } satisfies Record<
    MonthIndexSettings['order'],
    string
  >,
  open: 'Years open at first',
  monthCounts: 'With how many entries there are',
  searchHint: 'Words in the empty field',
  searchButton: 'On the button',
  menuOf: 'Links',
  menusOf: { head: 'As at the head', foot: 'As at the foot', own: 'Its own' } satisfies Record<
    MenuSettings['of'],
    string
  >,
  noOwnLinks: 'No link yet. Visitors see nothing of it until it has one.',
  sitesMenu: 'It follows that menu, which is put in order on the screen of the pages.',
  ownLinks: 'Its links',
  menuLayout: 'They stand',
  menuLayouts: { upright: 'Below each other', across: 'In a row' } satisfies Record<
    MenuSettings['layout'],
    string
  >,
  menuTitle: 'What it is called',
  ofSiteName: { tagline: 'With the tagline', icon: 'With the icon' },
  siteNameMenu: 'At the other end',
  siteNameMenus: { head: 'Menu of the head', foot: 'Menu of the foot', none: 'Nothing' } satisfies Record<
    SiteNameSettings['menu'],
    string
  >,
  siteNameTitle: 'What the menu is called',
  menuFolds: 'Where narrow, it comes on a press',
  home: 'The front page is called',
  between: 'Between two steps',
  noBreadcrumbs: 'The front page is where the way begins: visitors see nothing of this here.',
  noEntry: 'It shows the entry of a page. This page is not that of an entry.',
  entryLayout: 'What of it',
  entryLayouts: {
    whole: 'All of it',
    head: 'Its head',
    text: 'Its text',
    facts: 'Its fields',
  } satisfies Record<EntryLayoutName, string>,
  ownLayout: 'As set below',
  noAuthor: 'It shows who wrote the entry of a page. This page is not that of an entry or an author.',
  noNeighbours: 'It leads from an entry to those next to it. This page is not that of an entry.',
  ofNeighbours: { earlier: 'Over the earlier one', later: 'Over the later one' },
  ofAuthor: { portrait: 'Portrait', about: 'A few words about them', linked: 'Leads to their page' },
} as const
