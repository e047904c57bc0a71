import { readyMadeCards, withReadyMade } from '../cards/ready-made'
import type { ReadyMadeCard } from '../cards/ready-made'
import type { PartSetting } from '../cards/parts'
import type { CollectionKind } from '../content/collection'
import type { Field } from '../content/field'
import { readyMadeLooks } from '../looks/ready-made'
import { shapes } from '../shapes'
import type { ShapeChoice, ShapeName } from '../shapes'
import type { Alignment } from '../shapes/define'
import type { Listing } from './definition'
import { defaultLook } from './look'
import type { Look } from './look'

/** How a listing is laid out, what its cards carry and how it looks, to begin with. */
export interface ReadyMadeListing {
  readonly name: string
  readonly title: string
  /** What it was made for; it can be taken for anything that its shape can show. */
  readonly kinds: readonly CollectionKind[]
  readonly shape: ShapeName
  /** What is set of the shape, beyond what it has by default. */
  readonly settings?: object
  readonly align?: Alignment
  /** The name of a ready-made card, or the parts themselves. */
  readonly card: string | ReadyMadeCard['parts']
  /** The name of a ready-made look; the site's where none is said. */
  readonly look?: string
}

const columns = (widest: number, gap = 22) => [
  { from: 0, columns: 1, columnGap: gap, rowGap: 30 },
  ...Array.from({ length: widest - 1 }, (_, at) => ({
    from: [460, 720, 960][at] ?? 960,
    columns: at + 2,
    columnGap: gap,
    rowGap: 30,
  })),
]
const title: PartSetting = { part: 'title', on: true, level: 3 }
const facts: PartSetting = { part: 'facts', on: true, facts: ['date', 'topic'], separator: '·' }

/** Every ready-made listing. */
export const readyMadeListings: readonly ReadyMadeListing[] = [
  {
    name: 'beside',
    title: 'Short list, pictures at the left',
    kinds: ['article', 'video'],
    shape: 'list',
    settings: { stops: [{ from: 0, picture: 'start', share: 22, rowGap: 16 }], lines: true },
    card: () => [{ part: 'picture', on: true, ratio: '1:1' }, title, { part: 'date', on: true }],
    look: 'quiet',
  },
  {
    name: 'wide',
    title: 'Wide pictures, title in the middle',
    kinds: ['article', 'project'],
    shape: 'grid',
    settings: { stops: columns(2, 28) },
    align: 'center',
    card: () => [
      { part: 'picture', on: true, ratio: '16:9' },
      { part: 'topic', on: true, facet: null },
      title,
    ],
  },
  {
    name: 'veiled',
    title: 'Titles on pictures, with a veil',
    kinds: ['project', 'article'],
    shape: 'grid',
    settings: { stops: columns(3, 14) },
    card: 'poster',
  },
  {
    name: 'facts-above',
    title: 'Facts above the picture',
    kinds: ['article'],
    shape: 'grid',
    settings: { stops: columns(3) },
    card: () => [{ ...facts, zone: 'above' }, { part: 'picture', on: true, ratio: '3:2' }, title],
    look: 'ledger',
  },
  {
    name: 'bare',
    title: 'Titles alone, without facts',
    kinds: ['article', 'plain'],
    shape: 'list',
    settings: { stops: [{ from: 0, picture: 'above', share: 30, rowGap: 14 }], lines: true },
    card: () => [title],
  },
  {
    name: 'front',
    title: 'Front page, in bold',
    kinds: ['article'],
    shape: 'grid',
    settings: { stops: columns(3) },
    card: 'front',
    look: 'bulletin',
  },
  {
    name: 'voices',
    title: 'Voices, two at a time',
    kinds: ['quote'],
    shape: 'slides',
    settings: {
      stops: [
        { from: 0, columns: 1, columnGap: 22 },
        { from: 500, columns: 2, columnGap: 32 },
      ],
    },
    card: 'said',
    look: 'margin',
  },
  {
    name: 'rounds',
    title: 'People in rounds',
    kinds: ['person', 'quote'],
    shape: 'grid',
    settings: { stops: columns(4) },
    align: 'center',
    card: 'face',
  },
  {
    name: 'packets',
    title: 'Goods in packets',
    kinds: ['product'],
    shape: 'grid',
    settings: { stops: columns(3) },
    card: 'shelf',
    look: 'packet',
  },
  {
    name: 'priced',
    title: 'Pictures with a price band',
    kinds: ['product', 'place'],
    shape: 'grid',
    settings: { stops: columns(3) },
    card: 'tag',
    look: 'harvest',
  },
  {
    name: 'to-let',
    title: 'Places, one below the other',
    kinds: ['place'],
    shape: 'list',
    settings: { stops: [{ from: 0, picture: 'start', share: 34, rowGap: 22 }], lines: false },
    card: 'let',
    look: 'ledger',
  },
  {
    name: 'results',
    title: 'Table of results',
    kinds: ['product', 'plain', 'place'],
    shape: 'table',
    settings: { stripes: true },
    card: (fields) => [
      title,
      { part: 'topic', on: true, facet: null },
      ...fields.slice(0, 3).map((field) => ({
        part: 'field' as const,
        on: true,
        field: field.id,
        id: `of-${field.id}`,
      })),
    ],
  },
  {
    name: 'wall',
    title: 'Wall of mounted prints',
    kinds: ['project', 'product'],
    shape: 'masonry',
    card: 'plate',
    look: 'print',
  },
  {
    name: 'films',
    title: 'Films by their titles',
    kinds: ['video'],
    shape: 'index',
    card: 'film',
  },
  {
    name: 'night',
    title: 'Dark cards in a row',
    kinds: ['video', 'project'],
    shape: 'slides',
    settings: {
      stops: [
        { from: 0, columns: 1, columnGap: 18 },
        { from: 480, columns: 2, columnGap: 18 },
        { from: 760, columns: 3, columnGap: 18 },
      ],
    },
    card: 'front',
    look: 'night',
  },
  {
    name: 'leaves',
    title: 'Soft cards, two beside each other',
    kinds: ['article', 'person'],
    shape: 'grid',
    settings: { stops: columns(2, 24) },
    card: 'front',
    look: 'meadow',
  },
  {
    name: 'month',
    title: 'Month by month',
    kinds: ['event', 'session'],
    shape: 'calendar',
    card: 'leaflet',
  },
  {
    name: 'line',
    title: 'Along a line of time',
    kinds: ['event', 'session'],
    shape: 'timeline',
    settings: { lay: 'lying', tells: 'month' },
    card: () => [{ part: 'picture', on: true, ratio: '3:2' }, title],
  },
]

/** What a ready-made listing is made with. */
export interface MadeWith {
  /** The fields of the entries that it shows. */
  readonly fields: readonly Field[]
  /** The id of a look of the site by its name; undefined where it has none such. */
  readonly look: (name: string) => number | undefined
}

/**
 * The listing laid out, carried and looked at as a ready-made one. What it shows, in what order, how many of
 * it, and the designer's own words on its cards stay as they are.
 */
export function withReadyMadeListing(
  listing: Listing,
  ready: ReadyMadeListing,
  { fields, look }: MadeWith,
): Listing {
  return {
    ...listing,
    shape: {
      ...shapes.get(ready.shape).defaults,
      direction: listing.shape.direction,
      ...(ready.align === undefined ? {} : { align: ready.align }),
      ...ready.settings,
      name: ready.shape,
    } as ShapeChoice,
    card: { ...listing.card, parts: withReadyMade(listing.card.parts, cardOf(ready), fields), other: null },
    look: lookOf(ready, look),
  }
}

/** Those that a collection's entries can be shown by; the ones that are made for its kind come first. */
export function suitedListings(kind: CollectionKind, happens: boolean): readonly ReadyMadeListing[] {
  const possible = readyMadeListings.filter(
    ({ shape }) => happens || shapes.get(shape).isOfWhen === undefined,
  )
  const suits = ({ kinds }: ReadyMadeListing) => kinds.includes(kind)
  return [...possible.filter(suits), ...possible.filter((one) => !suits(one))]
}

function cardOf({ card, name, title: called, kinds }: ReadyMadeListing): ReadyMadeCard {
  if (typeof card !== 'string') return { name, title: called, kinds, parts: card }
  const ready = readyMadeCards.find((one) => one.name === card)
  if (ready === undefined) throw new RangeError(`There is no ready-made card “${card}”.`)
  return ready
}

/** The site's look of that name, or what it was made of where the site has none by that name any more. */
function lookOf({ look: name }: ReadyMadeListing, known: MadeWith['look']): Look {
  const ready = readyMadeLooks.find((one) => one.name === name)
  if (ready === undefined) return defaultLook
  const shared = known(ready.title)
  return shared === undefined ? { ...defaultLook, own: ready.styles } : { ...defaultLook, shared }
}
