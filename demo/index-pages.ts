import type { PartName } from '../core/cards/parts'
import { defaultAmount } from '../core/listing/amount'
import type { Amount } from '../core/listing/amount'
import { newListing } from '../core/listing/definition'
import type { Listing } from '../core/listing/definition'
import { defaultLook } from '../core/listing/look'
import { defaultPaging } from '../core/listing/paging'
import type { PagingKind } from '../core/listing/paging'
import { defaultVisitors } from '../core/listing/visitors'
import type { Visitors } from '../core/listing/visitors'
import { newPage } from '../core/pages/definition'
import { defaultShape, newShape, switchedShape } from '../core/shapes'
import type { ShapeChoice, ShapeName } from '../core/shapes'
import { newAmountControl } from '../core/visitors/amount'
import { newCompareControl } from '../core/visitors/compare'
import { newRangeControl } from '../core/visitors/range'
import { newSortControl } from '../core/visitors/sort'
import type { SortControl } from '../core/visitors/sort'
import { newTermsControl } from '../core/visitors/terms'
import type { TermsControl } from '../core/visitors/terms'
import { newViewsControl } from '../core/visitors/views'
import type { ViewsControl } from '../core/visitors/views'
import { archive, assembled, cardOf, mostRead, readyMade } from './page-parts'
import type { DemoIds, DemoPage } from './page-parts'

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
    readonly others?: readonly ('price' | 'sort' | 'views' | 'amount' | 'compare')[]
    /** Whether terms have their icons above them. */
    readonly icons?: true
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
    paging: 'more',
    narrow: {
      by: ['season', 'topic'],
      place: 'before',
      others: ['price', 'sort', 'views', 'amount', 'compare'],
    },
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
    narrow: { by: ['district'], layout: 'tabs', icons: true },
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

/** The pages of everything in a collection, one for each. */
export function indexPages(ids: DemoIds): readonly DemoPage[] {
  return indexes.map((index) => indexPage(ids, index))
}

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
  { by, place = defaultVisitors.place, layout = 'bar', others = [], icons }: NonNullable<Index['narrow']>,
): Visitors {
  const isBeside = place === 'before' || place === 'after'
  const narrowing = by.map((facet): TermsControl => {
    const usual = newTermsControl(ids.facet(facet))
    return isBeside
      ? { ...usual, layout: 'ticks', choose: 'any', empty: true, all: '' }
      : { ...usual, layout, labelHidden: true, ...(icons && { icons: 'above' }) }
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
  const usual = {
    price: { ...newRangeControl(price ?? 0), layout: 'slider' } as const,
    views: viewsOf(ids, by),
    sort,
    amount: newAmountControl,
    compare: newCompareControl,
  }
  const controls = others.map((one) => usual[one])
  return { place, controls: [...narrowing, ...controls] }
}

/** A catalogue as pictures, as a list, and under a heading for each term of its first facet. */
function viewsOf(ids: DemoIds, [facet = '']: readonly string[]): ViewsControl {
  return {
    ...newViewsControl,
    own: 'Packets',
    views: [
      { name: 'List', shape: newShape('list'), card: null },
      {
        name: 'By season',
        shape: { ...newShape('grouped'), by: 'term', facet: ids.facet(facet) } as ShapeChoice,
        card: null,
      },
    ],
  }
}
