import { defaultCard } from '../core/cards/card'
import type { Card } from '../core/cards/card'
import type { PartName } from '../core/cards/parts'
import type { Field } from '../core/content/field'
import { defaultAmount } from '../core/listing/amount'
import { defaultPaging } from '../core/listing/paging'
import { newFitting } from '../core/fittings'
import { newListing } from '../core/listing/definition'
import type { Listing } from '../core/listing/definition'
import { defaultLook } from '../core/listing/look'
import { newAuthorsControl } from '../core/visitors/authors'
import { newSearchControl } from '../core/visitors/search'
import { newPage } from '../core/pages/definition'
import { withPlacementsAt } from '../core/pages/moves'
import { sharedAreaPage } from '../core/pages/shared-areas'
import { placementsAt } from '../core/pages/standing'
import type { Placement } from '../core/pages/definition'
import { defaultShape, switchedShape } from '../core/shapes'
import { commonDefaults } from '../core/shapes/define'
import { fitting, withInvitation, withMoon, withStrip } from './fittings'
import { uuidOf } from './uuid'
import { indexPages } from './index-pages'
import { archive, assembled, cardOf, mostRead, narrow, readyMade } from './page-parts'
import type { DemoIds, DemoPage } from './page-parts'

/** The pages of the demo site, in the order of its navigation; before them the areas that they share. */
export function demoPages(ids: DemoIds): readonly DemoPage[] {
  return [
    archiveSide(ids),
    withInvitation(homePage(ids)),
    fieldNotesPage(ids),
    orchardPage(ids),
    ...indexPages(ids)
      .map((page) => (page.path === '/gardens-we-made' ? withStrip(page, ids.facet('topic')) : page))
      .map((page) => (page.path === '/swap-days' ? withMoon(withLongSwap(page, ids)) : page)),
    eachNotePage(ids),
  ]
}

/** The menu at the head of the demo site, by the addresses of its pages; nested ones under a name. */
export const demoMenu: readonly (string | { readonly title: string; readonly under: readonly string[] })[] = [
  '/field-notes',
  '/orchard',
  '/seed-shelf',
  '/plots',
  '/swap-days',
  '/gardens-we-made',
  '/lessons',
  { title: 'Archive', under: ['/growers-words', '/our-years'] },
]

/** The one at its foot. */
export const demoFootMenu = ['/swap-days', '/plots', '/lessons'] as const

/** A page with the sessions of the long swap, hour by hour, below what it has. */
function withLongSwap(demo: DemoPage, ids: DemoIds): DemoPage {
  const listing: Listing = {
    ...newListing('The long swap, hour by hour', ids.collection('long-swap')),
    order: { keys: [{ by: 'when', direction: 'up' }], pinned: 'ignored' },
    amount: { ...defaultAmount, take: 60 },
    shape: switchedShape(defaultShape, 'schedule'),
    card: withWayIn(cardOf(['title', 'summary']), ids.fields('long-swap')),
  }
  const id = uuidOf(`${demo.path} ${listing.name}`)
  const placed: Placement = {
    kind: 'listing',
    id: uuidOf(`${demo.path} main ${listing.name}`),
    listing: id,
    heading: 'The long swap',
  }
  return {
    ...demo,
    page: withPlacementsAt(demo.page, '1/0', [...placementsAt(demo.page, '1/0'), placed]),
    listings: new Map([...demo.listings, [id, listing]]),
  }
}

/** A card with the way in for those who follow from afar, from shortly before until it is over. */
function withWayIn(card: Card, fields: readonly Field[]): Card {
  const to = fields.find((one) => one.key === 'from_afar')?.id
  if (to === undefined) throw new Error('There is no way in from afar.')
  const way = { part: 'button', on: true, text: 'Join from afar', form: 'button', titled: true } as const
  return { ...card, parts: [...card.parts, { ...way, to, opens: 15, zone: 'foot' }] }
}

/** What stands beside what is kept for good. */
function archiveSide(ids: DemoIds): DemoPage {
  const { page, listings } = assembled(archive, newPage('Beside the archive'), {
    main: [],
    side: [['Most read', mostRead(ids)]],
    shelf: [],
  })
  const find = fitting(
    'archive search',
    { ...newFitting('search'), hint: 'A name, a year…' },
    'Find on the hill',
  )
  const whole = withPlacementsAt(page, '2/0', [find, ...placementsAt(page, '2/0')])
  return { path: archive, page: sharedAreaPage(whole, 'side', page.title), listings }
}

/** What people say, two at a time. */
function overTheGate(ids: DemoIds): Listing {
  return {
    ...newListing('Over the gate', ids.collection('growers-words')),
    amount: { ...defaultAmount, take: 8 },
    shape: {
      ...switchedShape(defaultShape, 'slides'),
      stops: [
        { from: 0, columns: 1, columnGap: 22 },
        { from: 560, columns: 2, columnGap: 32 },
      ],
    } as Listing['shape'],
    card: readyMade(ids, 'growers-words', 'said'),
  }
}

/** A few films by their titles, the chosen one beside them. */
function shortFilms(ids: DemoIds): Listing {
  return {
    ...newListing('Short films', ids.collection('lessons')),
    amount: { ...defaultAmount, take: 5 },
    shape: switchedShape(defaultShape, 'index'),
    card: readyMade(ids, 'lessons', 'film'),
  }
}

/** The next days to come, in a narrow list. */
function comingDays(ids: DemoIds): Listing {
  const listing = newListing('Coming days', ids.collection('swap-days'))
  const starts = ids.fields('swap-days').find((field) => field.key === 'starts')
  if (starts === undefined) throw new Error('Swap days have no beginning.')
  return {
    ...listing,
    look: { ...defaultLook, shared: ids.look('Quiet') },
    from: { ...listing.from, rules: [{ rule: 'when', asked: { is: 'notOver' } }] },
    order: { keys: [{ by: 'when', direction: 'up' }], pinned: 'ignored' },
    amount: { ...defaultAmount, take: 4 },
    shape: {
      name: 'list',
      ...commonDefaults,
      stops: [{ from: 0, picture: 'start', share: 24, rowGap: 14 }],
      lines: true,
      footAtEnd: false,
    },
    card: {
      ...defaultCard,
      parts: [
        { part: 'picture', on: true, ratio: '1:1' },
        { part: 'title', on: true, level: 3 },
        { part: 'date', on: true, field: starts.id, style: 'weekday' },
      ],
    },
  }
}

function homePage(ids: DemoIds): DemoPage {
  return assembled(
    '/',
    newPage('From the hill', 'What the beds, the bees and the volunteers have been up to.'),
    {
      main: [
        ['', latest(ids, 'Latest notes', 6)],
        ['Over the gate', overTheGate(ids)],
        ['Short films', shortFilms(ids)],
      ],
      side: [
        ['Most read', mostRead(ids)],
        ['Coming days', comingDays(ids)],
      ],
      shelf: [
        ['Frost notice', ofTerm(ids, 'Frost notice', 'orchard', 3, ['title', 'summary'])],
        ['From the seed room', ofTerm(ids, 'Seed room', 'seed', 4, ['title', 'date'])],
      ],
    },
  )
}

function fieldNotesPage(ids: DemoIds): DemoPage {
  const page = newPage(
    'Field notes',
    'Everything we have written down so that the next person need not find it out again.',
  )
  const paging = { ...defaultPaging, kind: 'numbers' } as const
  const all: Listing = {
    ...latest(ids, 'All notes', 12),
    amount: { ...defaultAmount, take: 120, perPage: 12, paging },
    visitors: {
      place: 'above',
      controls: [
        { ...newSearchControl, hint: 'A word in the notes' },
        { ...newAuthorsControl, label: 'Written by', layout: 'menu', choose: 'any', all: 'Anybody' },
      ],
    },
  }
  const notes = assembled('/field-notes', page, {
    main: [['', { ...all, card: cardOf(['picture', 'topic', 'title', 'summary', 'date']) }]],
    side: [['Most read', mostRead(ids)]],
    shelf: [],
  })
  const byTerm = fitting(
    '/field-notes by term',
    { ...newFitting('terms'), facets: [ids.facet('topic'), ids.facet('season')], first: 8 },
    'By topic and season',
  )
  const find = fitting(
    '/field-notes search',
    { ...newFitting('search'), hint: 'Frost, beans, bees…' },
    'Search everything here',
  )
  const byMonth = fitting(
    '/field-notes by month',
    { ...newFitting('months'), collection: ids.collection('field-notes') },
    'By month',
  )
  const days = fitting(
    '/field-notes calendar',
    { ...newFitting('calendar'), collection: ids.collection('swap-days') },
    'On the hill',
  )
  const beside = [find, ...placementsAt(notes.page, '2/0'), byTerm, byMonth, days]
  return { ...notes, page: withPlacementsAt(notes.page, '2/0', beside) }
}

/** Every field note, with who wrote it beside it and more to read after it. */
function eachNotePage(ids: DemoIds): DemoPage {
  const listing = latest(ids, 'Read next', 3)
  const next: Listing = {
    ...listing,
    from: { ...listing.from, rules: [{ rule: 'related' }], leaveOut: ['thisEntry'] },
    order: { keys: [{ by: 'related' }, { by: 'date', direction: 'down' }], pinned: 'ignored' },
  }
  const around = assembled('/field-notes/{slug}', newPage('Field notes: each entry'), {
    main: [['Read next', next]],
    side: [['Most read', mostRead(ids)]],
    shelf: [],
  })
  const writer = fitting('/field-notes/{slug} author', newFitting('author'), 'Written by')
  const note = fitting('/field-notes/{slug} entry', newFitting('entry'))
  const ways = fitting('/field-notes/{slug} neighbours', newFitting('neighbours'))
  const page = withPlacementsAt(around.page, '2/0', [writer, ...placementsAt(around.page, '2/0')])
  return { ...around, page: withPlacementsAt(page, '1/0', [note, ways, ...placementsAt(page, '1/0')]) }
}

function orchardPage(ids: DemoIds): DemoPage {
  const page = newPage('Orchard', 'Sixty-two trees, eleven of them still without a name.')
  return assembled('/orchard', page, {
    main: [
      ['', ofTerm(ids, 'Orchard notes', 'orchard', 6, ['picture', 'topic', 'title', 'summary', 'author'])],
    ],
    side: [['Elsewhere on the hill', ofTerm(ids, 'Wildlife notes', 'wildlife', 5, ['title', 'date'])]],
    shelf: [],
  })
}

function latest(ids: DemoIds, name: string, take: number): Listing {
  return {
    ...newListing(name, ids.collection('field-notes')),
    amount: { ...defaultAmount, take },
    card: cardOf(['picture', 'topic', 'title', 'date']),
  }
}

function ofTerm(ids: DemoIds, name: string, term: string, take: number, shown: readonly PartName[]): Listing {
  const listing = newListing(name, ids.collection('field-notes'))
  return {
    ...listing,
    from: {
      ...listing.from,
      rules: [{ rule: 'terms', facet: ids.facet('topic'), is: 'any', terms: [ids.term(`topic/${term}`)] }],
    },
    amount: { ...defaultAmount, take },
    shape: shown.includes('picture') ? listing.shape : narrow,
    card: cardOf(shown),
  }
}
