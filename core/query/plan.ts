import type { Listing } from '../listing/definition'
import type { OrderKey } from '../listing/order'
import { rules } from './rules'
import type { Predicate } from './predicate'

/** Everything an answer depends on besides the definition and the content. */
export interface PlanContext {
  /** Epoch milliseconds. */
  readonly now: number
  /** IANA time zone of the site. */
  readonly zone: string
}

/** A plan is a listing's question in plain values, for any engine to run. */
export interface Plan {
  readonly collectionId: number
  /** In the order in which the tally shows them; an entry must pass all. */
  readonly steps: readonly Predicate[]
  readonly pinnedFirst: boolean
  /** At least one; ties that remain fall to the higher id, so that every order is total. */
  readonly order: readonly OrderKey[]
  readonly skip: number
  readonly take: number
}

/** The plan of a listing. The first step leaves what a visitor may see; then one for each rule. */
export function planOf(listing: Listing, context: PlanContext): Plan {
  return {
    collectionId: listing.from.collection,
    steps: [
      { test: 'visible', at: context.now },
      ...listing.from.rules.map((rule) => rules.get(rule.rule).predicate(rule, context)),
    ],
    pinnedFirst: listing.order.pinned === 'first',
    order: listing.order.keys,
    skip: listing.amount.skip,
    take: listing.amount.take,
  }
}
