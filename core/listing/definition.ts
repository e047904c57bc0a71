import { number, object, string } from 'yup'
import { cardSchema, defaultCard, repeatedPart } from '../cards/card'
import type { Card } from '../cards/card'
import { faulty, parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { defaultShape, shapes, shapeSchema } from '../shapes'
import type { ShapeChoice } from '../shapes'
import { same } from '../same'
import { amountSchema, defaultAmount } from './amount'
import type { Amount } from './amount'
import { clauses } from './clauses'
import type { Clause } from './clauses'
import { fromAll, fromSchema } from './from'
import type { From } from './from'
import { defaultLook, lookSchema } from './look'
import type { Look } from './look'
import { defaultOrder, orderSchema, sameThing } from '../order/order'
import type { Order } from '../order/order'
import { upgraded } from './upgrade'
import { defaultVisitors, visitorsSchema } from './visitors'
import type { Visitors } from './visitors'

/** What to show, in what order, how many, and how: one key for each clause. */
export interface Listing {
  readonly version: 3
  readonly name: string
  readonly from: From
  readonly order: Order
  readonly amount: Amount
  readonly shape: ShapeChoice
  readonly card: Card
  readonly look: Look
  readonly visitors: Visitors
}

/** A listing as it is kept: what equals the default is left out. */
export type StoredListing = Pick<Listing, 'version' | 'name'> & {
  readonly from: Pick<From, 'collections'> & Partial<From>
} & {
  readonly [Clause in 'order' | 'amount' | 'shape' | 'card' | 'look' | 'visitors']?: Partial<Listing[Clause]>
}

export const listingVersion = 3

const schema = object({
  version: number().oneOf([listingVersion]).required(),
  name: string()
    .trim('A name has no spaces at its ends.')
    .required('Give the listing a name.')
    .max(120, 'Keep the name within 120 characters.'),
  from: fromSchema,
  order: orderSchema.optional().default(undefined),
  amount: amountSchema.optional().default(undefined),
  shape: shapeSchema,
  card: cardSchema.optional().default(undefined),
  look: lookSchema.optional().default(undefined),
  visitors: visitorsSchema.optional().default(undefined),
}).noUnknown()

/** A new listing of a collection with everything at its default. */
export function newListing(name: string, collection: number): Listing {
  return {
    version: listingVersion,
    name,
    from: fromAll(collection),
    order: defaultOrder,
    amount: defaultAmount,
    shape: defaultShape,
    card: defaultCard,
    look: defaultLook,
    visitors: defaultVisitors,
  }
}

/**
 * Reads a listing, whole or with defaults left out, of this version or an older one. Faults carry
 * the path of what is wrong (`amount.take`, `from.rules[0].days`).
 */
export function parseListing(input: unknown): Parsed<Listing> {
  const current = upgraded(input, listingVersion)
  if (!current.ok) return current
  const checked = parseWith<unknown>(schema, current.value)
  if (!checked.ok) return checked
  const stored = checked.value as StoredListing
  const listing = withDefaults(stored)
  const repeated = repeatedPart(listing.card)
  if (repeated !== null) return faulty('card.parts', `The card has the part “${repeated}” twice. Remove one.`)
  const idle = listing.order.keys.findIndex(
    (key, at) => listing.order.keys.findIndex((other) => sameThing(key, other)) < at,
  )
  return idle === -1
    ? { ok: true, value: listing }
    : faulty(`order.keys[${idle}]`, 'The listing is ordered by this already. Remove it.')
}

function withDefaults(stored: StoredListing): Listing {
  const fresh = newListing(stored.name, stored.from.collections[0] ?? 0)
  const shape = shapes.get(stored.shape?.name ?? defaultShape.name)
  return {
    ...fresh,
    from: { ...fresh.from, ...stored.from },
    order: { ...fresh.order, ...stored.order },
    amount: { ...fresh.amount, ...stored.amount },
    shape: { ...shape.defaults, ...stored.shape, name: shape.name } as ShapeChoice,
    card: { ...fresh.card, ...stored.card },
    look: { ...fresh.look, ...stored.look },
    visitors: { ...fresh.visitors, ...stored.visitors },
  }
}

/** The listing with everything left out that equals the default, ready to be stored. */
export function storedListing(listing: Listing): StoredListing {
  const usual = newListing(listing.name, listing.from.collections[0] ?? 0)
  // What a shape leaves out is read as that shape's own default, not as the usual shape's.
  const fresh = { ...usual, shape: { ...shapes.get(listing.shape.name).defaults, name: listing.shape.name } }
  const stored: Record<string, unknown> = { version: listing.version, name: listing.name }
  for (const clause of clauses) {
    const differing = Object.entries(listing[clause]).filter(
      ([key, value]) => !same(value, Reflect.get(fresh[clause], key)),
    )
    if (
      differing.length > 0 ||
      clause === 'from' ||
      (clause === 'shape' && listing.shape.name !== defaultShape.name)
    )
      stored[clause] = { ...alwaysKept(listing, clause), ...Object.fromEntries(differing) }
  }
  return stored as unknown as StoredListing
}

/** What a stored clause can't be read without. */
function alwaysKept(listing: Listing, clause: Clause): object {
  if (clause === 'from') return { collections: listing.from.collections }
  return clause === 'shape' ? { name: listing.shape.name } : {}
}
