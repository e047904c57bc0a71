import { defaultCard } from '../core/cards/card'
import type { Card } from '../core/cards/card'
import type { PartName, PartSetting } from '../core/cards/parts'
import { readyMadeCards } from '../core/cards/ready-made'
import type { Field } from '../core/content/field'
import { defaultAmount } from '../core/listing/amount'
import { newListing } from '../core/listing/definition'
import type { Listing } from '../core/listing/definition'
import { newBand } from '../core/pages/bands/definition'
import type { Page, Placement } from '../core/pages/definition'
import { sharedAreaAddress } from '../core/pages/shared-address'
import { defaultShape } from '../core/shapes'
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

export const archive = sharedAreaAddress('side', uuidOf('archive'))

/** A ready-made card for a collection. */
export function readyMade(ids: DemoIds, slug: string, name: string): Card {
  const ready = readyMadeCards.find((one) => one.name === name)
  if (ready === undefined) throw new Error(`There is no ready-made card “${name}”.`)
  return { ...defaultCard, parts: ready.parts(ids.fields(slug)) }
}

export function mostRead(ids: DemoIds): Listing {
  return {
    ...newListing('Most read', ids.collection('field-notes')),
    order: { keys: [{ by: 'views', direction: 'down' }], pinned: 'ignored' },
    amount: { ...defaultAmount, take: 5 },
    shape: narrow,
    card: cardOf(['title', 'date']),
  }
}

/** One column for a side area, two where it has room because it stands below the main. */
export const narrow: Listing['shape'] = {
  ...defaultShape,
  stops: [
    { from: 0, columns: 1, columnGap: 22, rowGap: 16 },
    { from: 560, columns: 2, columnGap: 28, rowGap: 18 },
  ],
}

export function cardOf(shown: readonly PartName[]): Card {
  return {
    ...defaultCard,
    parts: defaultCard.parts.map((part): PartSetting => ({ ...part, on: shown.includes(part.part) })),
  }
}

export function assembled(
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
