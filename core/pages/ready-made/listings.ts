import type { CollectionSummary } from '../../content/catalogue'
import { begunListing, comingListing, comingOf } from '../../listing/begun'
import { defaultAmount } from '../../listing/amount'
import type { Listing } from '../../listing/definition'
import { defaultCard } from '../../cards/card'
import type { PartName, PartSetting } from '../../cards/parts'
import { defaultShape, switchedShape } from '../../shapes'
import type { ShapeChoice, ShapeName } from '../../shapes'
import { readyMadeCards, withReadyMade } from '../../cards/ready-made'

/** The newest of a collection. */
export function newest(name: string, collection: CollectionSummary, take: number): Listing {
  return { ...begunListing(name, collection), amount: { ...defaultAmount, take } }
}

/** All of a collection, in pages. */
export function everything(name: string, collection: CollectionSummary, perPage: number): Listing {
  return { ...begunListing(name, collection), amount: { ...defaultAmount, take: 'all', perPage } }
}

/** What is yet to come, the next first; the newest where entries do not say when they take place. */
export function coming(name: string, collection: CollectionSummary, take: number): Listing {
  const comes = comingOf(collection)
  const listing = newest(name, collection, take)
  return comes === null ? listing : comingListing(listing, comes)
}

/** The listing in another shape. */
export function shaped(listing: Listing, shape: ShapeName, settings: object = {}): Listing {
  return { ...listing, shape: { ...switchedShape(defaultShape, shape), ...settings } as ShapeChoice }
}

/** The listing with a ready-made card. */
export function carded(listing: Listing, card: string, collection: CollectionSummary): Listing {
  const ready = readyMadeCards.find((one) => one.name === card)
  if (ready === undefined) throw new Error(`There is no ready-made card “${card}”.`)
  return { ...listing, card: { ...listing.card, parts: withReadyMade([], ready, collection.fields) } }
}

/** The listing as a narrow column of titles, for beside the main thing. */
export function aside(listing: Listing, ...shown: readonly PartName[]): Listing {
  const parts = defaultCard.parts.map((part): PartSetting => ({ ...part, on: shown.includes(part.part) }))
  const stops = [
    { from: 0, columns: 1, columnGap: 22, rowGap: 16 },
    { from: 560, columns: 2, columnGap: 28, rowGap: 18 },
  ]
  return { ...listing, shape: { ...defaultShape, stops }, card: { ...defaultCard, parts } }
}
