import { defaultCard } from '../core/cards/card'
import type { Card } from '../core/cards/card'
import type { PartName, PartSetting } from '../core/cards/parts'
import { readyMadeCards } from '../core/cards/ready-made'
import type { Field } from '../core/content/field'
import { defaultAmount } from '../core/listing/amount'
import type { Amount } from '../core/listing/amount'
import { defaultPaging } from '../core/listing/paging'
import type { PagingKind } from '../core/listing/paging'
import { newFitting } from '../core/fittings'
import { newListing } from '../core/listing/definition'
import type { Listing } from '../core/listing/definition'
import { defaultLook } from '../core/listing/look'
import { defaultVisitors } from '../core/listing/visitors'
import type { Visitors } from '../core/listing/visitors'
import { newAmountControl } from '../core/visitors/amount'
import { newSearchControl } from '../core/visitors/search'
import { newSortControl } from '../core/visitors/sort'
import type { SortControl } from '../core/visitors/sort'
import { newTermsControl } from '../core/visitors/terms'
import type { TermsControl } from '../core/visitors/terms'
import { newBand } from '../core/pages/bands/definition'
import { newPage } from '../core/pages/definition'
import { withPlacementsAt } from '../core/pages/moves'
import { sharedAreaAddress } from '../core/pages/shared-address'
import { sharedAreaPage } from '../core/pages/shared-areas'
import { placementsAt } from '../core/pages/standing'
import type { Page, Placement } from '../core/pages/definition'
import { defaultShape, switchedShape } from '../core/shapes'
import type { ShapeName } from '../core/shapes'
import { commonDefaults } from '../core/shapes/define'
import { fitting, withInvitation, withMoon, withStrip } from './fittings'
import { uuidOf } from './uuid'

/** What the pages of the demo refer to by id. */
export interface DemoIds {
  readonly collection: (slug: string) => number
  readonly fields: (slug: string) => readonly Field[]
  readonly facet: (slug: string) => number
  /** By `facet/term`. */
  readonly term: (path: string) => number
  /** By name. */
  readonly look: (name: string) => number
}

export interface DemoPage {
  readonly path: string
  readonly page: Page
  readonly listings: ReadonlyMap<string, Listing>
  /** The address of the shared area that stands in its side. */
  readonly side?: string
}

/** The pages of the demo site, in the order of its navigation; before them the areas that they share. */
export function demoPages(ids: DemoIds): readonly DemoPage[] {
  return [
    archiveSide(ids),
    withInvitation(homePage(ids)),
    fieldNotesPage(ids),
    orchardPage(ids),
    ...indexes
      .map((index) => indexPage(ids, index))
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

/**
 * A page of everything in a collection: its words, its shape, and a ready-made card or what its
 * cards carry.
 */
interface Index {
  readonly slug: string
  readonly title: string
  readonly introduction: string
  readonly shape: ShapeName
  /** Set of the shape, beyond what it has by default. */
  readonly settings?: Readonly<Record<string, unknown>>
  /** The facet whose terms a calendar gives colours. */
  readonly colours?: string
  readonly card: string | readonly PartName[]
  /** The name of the look that it is in; the site's where none is said. */
  readonly look?: string
  readonly take?: number
  /** How its pages are gone through, where it shows as many as there are. */
  readonly paging?: PagingKind
  readonly perPage?: number
  /** The facets that visitors narrow it by, and where they stand. */
  readonly narrow?: {
    readonly by: readonly string[]
    readonly layout?: TermsControl['layout']
    readonly place?: Visitors['place']
    readonly others?: readonly ('sort' | 'amount')[]
  }
  /** Whether its side is the one of the archive. */
  readonly isArchive?: true
}

const indexes: readonly Index[] = [
  {
    slug: 'seed-shelf',
    title: 'Seed shelf',
    introduction: 'Seeds, saplings and mended tools. Borrow a packet, bring one back.',
    shape: 'grid',
    card: 'shelf',
    look: 'Seed packet',
    narrow: { by: ['season', 'topic'], place: 'before', others: ['sort', 'amount'] },
  },
  {
    slug: 'plots',
    title: 'Plots',
    introduction: 'Beds to let, from the gate to the quarry shelf.',
    shape: 'list',
    settings: { lines: false },
    card: 'let',
    look: 'Ledger',
    perPage: 6,
    paging: 'more',
    narrow: { by: ['district'], layout: 'tabs' },
  },
  {
    slug: 'swap-days',
    title: 'Swap days',
    introduction: 'Come with a full pocket and go home with another.',
    shape: 'calendar',
    colours: 'topic',
    card: 'leaflet',
    take: 200,
  },
  {
    slug: 'gardens-we-made',
    title: 'Gardens we made',
    introduction: 'Roofs, shelters, yards and steps, and whom we made them with.',
    shape: 'masonry',
    card: 'plate',
    look: 'Print in a mount',
    narrow: { by: ['topic'] },
  },
  {
    slug: 'lessons',
    title: 'Lessons',
    introduction: 'Short films from the beds and the bench.',
    shape: 'index',
    card: 'film',
    take: 8,
  },
  {
    slug: 'growers-words',
    title: 'Growers’ words',
    introduction: 'What people say over the gate.',
    shape: 'masonry',
    card: 'said',
    look: 'In the margin',
    isArchive: true,
  },
  {
    slug: 'our-years',
    title: 'Our years',
    introduction: 'From a tin on a wall to a door three metres down.',
    shape: 'timeline',
    settings: { lay: 'lying', spacing: 'scale', tells: 'year', room: 150, atOnce: 4 },
    card: ['picture', 'title', 'summary'],
    take: 40,
    isArchive: true,
  },
]

function indexPage(ids: DemoIds, index: Index): DemoPage {
  const { slug, title, introduction, shape, settings, colours, card, look, narrow, isArchive } = index
  const listing: Listing = {
    ...newListing(`All ${title.toLowerCase()}`, ids.collection(slug)),
    amount: amountOf(index),
    shape: {
      ...switchedShape(defaultShape, shape),
      ...(colours === undefined ? {} : { facet: ids.facet(colours), weekNumbers: true }),
      ...settings,
    } as Listing['shape'],
    card: typeof card === 'string' ? readyMade(ids, slug, card) : cardOf(card),
    look: { ...defaultLook, shared: look === undefined ? null : ids.look(look) },
    visitors: narrow === undefined ? defaultVisitors : narrowed(ids, slug, narrow),
  }
  const page = assembled(`/${slug}`, newPage(title, introduction), {
    main: [['', listing]],
    side: isArchive === undefined ? [['Most read', mostRead(ids)]] : [],
    shelf: [],
  })
  return isArchive === undefined ? page : { ...page, side: archive }
}

function amountOf({ take, perPage = 12, paging = defaultPaging.kind }: Index): Amount {
  return take === undefined
    ? { ...defaultAmount, take: 120, perPage, paging: { ...defaultPaging, kind: paging } }
    : { ...defaultAmount, take }
}

/** Controls of facets: several terms in a list beside the listing, one at a time above it; then others. */
function narrowed(
  ids: DemoIds,
  slug: string,
  { by, place = defaultVisitors.place, layout = 'bar', others = [] }: NonNullable<Index['narrow']>,
): Visitors {
  const isBeside = place === 'before' || place === 'after'
  const narrowing = by.map((facet): TermsControl => {
    const usual = newTermsControl(ids.facet(facet))
    return isBeside
      ? { ...usual, layout: 'ticks', choose: 'any', empty: true, all: '' }
      : { ...usual, layout, labelHidden: true }
  })
  const price = ids.fields(slug).find(({ key }) => key === 'price')?.id
  const sort: SortControl = {
    ...newSortControl,
    own: 'Newest first',
    orders: [
      ...(price === undefined
        ? []
        : (['up', 'down'] as const).map((direction) => ({
            name: direction === 'up' ? 'Cheapest first' : 'Dearest first',
            order: { keys: [{ by: 'field', field: price, direction }], pinned: 'ignored' } as const,
          }))),
      ...newSortControl.orders,
    ],
  }
  const controls = others.map((one) => (one === 'sort' ? sort : newAmountControl))
  return { place, controls: [...narrowing, ...controls] }
}

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

const archive = sharedAreaAddress('side', uuidOf('archive'))

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

/** A ready-made card for a collection. */
function readyMade(ids: DemoIds, slug: string, name: string): Card {
  const ready = readyMadeCards.find((one) => one.name === name)
  if (ready === undefined) throw new Error(`There is no ready-made card “${name}”.`)
  return { ...defaultCard, parts: ready.parts(ids.fields(slug)) }
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
    visitors: { place: 'above', controls: [{ ...newSearchControl, hint: 'A word in the notes' }] },
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
    'Find a note',
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

function mostRead(ids: DemoIds): Listing {
  return {
    ...newListing('Most read', ids.collection('field-notes')),
    order: { keys: [{ by: 'views', direction: 'down' }], pinned: 'ignored' },
    amount: { ...defaultAmount, take: 5 },
    shape: narrow,
    card: cardOf(['title', 'date']),
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

/** One column for a side area, two where it has room because it stands below the main. */
const narrow: Listing['shape'] = {
  ...defaultShape,
  stops: [
    { from: 0, columns: 1, columnGap: 22, rowGap: 16 },
    { from: 560, columns: 2, columnGap: 28, rowGap: 18 },
  ],
}

function cardOf(shown: readonly PartName[]): Card {
  return {
    ...defaultCard,
    parts: defaultCard.parts.map((part): PartSetting => ({ ...part, on: shown.includes(part.part) })),
  }
}

function assembled(
  path: string,
  page: Page,
  spots: Record<'main' | 'side' | 'shelf', readonly (readonly [heading: string, listing: Listing])[]>,
): DemoPage {
  const listings = new Map<string, Listing>()
  const place = (spot: keyof typeof spots): readonly Placement[] =>
    spots[spot].map(([heading, listing]) => {
      const id = uuidOf(`${path} ${listing.name}`)
      listings.set(id, listing)
      return { kind: 'listing', id: uuidOf(`${path} ${spot} ${listing.name}`), listing: id, heading }
    })
  const areas = { main: [newBand(1, place('main'))], side: [newBand(2, place('side'))] }
  return { path, page: { ...page, areas, shelf: place('shelf') }, listings }
}
