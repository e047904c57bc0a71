import { controls } from '../visitors'
import type { Chosen } from '../visitors/choices'
import type { ShownAs } from '../visitors/define'
import { takeOf } from './amount'
import type { Amount } from './amount'
import type { Listing } from './definition'

/** A listing in the order, and so many at once, as a visitor chose; the very same where nothing of that was chosen. */
export function visitedListing(listing: Listing, chosen: readonly Chosen[]): Listing {
  const own: ShownAs = { order: listing.order, atOnce: null }
  const shown = chosen.reduce(
    (before, { control, choice }) =>
      controls.get(control.control).changes?.(control, choice, before) ?? before,
    own,
  )
  return shown === own
    ? listing
    : { ...listing, order: shown.order, amount: amountAt(listing.amount, shown.atOnce) }
}

/** So many on each page, or, where there are no pages, at all. */
function amountAt(amount: Amount, atOnce: number | null): Amount {
  if (atOnce === null) return amount
  const whole = { ...amount, stops: [] }
  return amount.perPage === null
    ? { ...whole, take: atOnce }
    : { ...whole, perPage: Math.min(atOnce, takeOf(amount)) }
}

/** A listing in each order that visitors can have it in, its own first. */
export function inEveryOrder(listing: Listing): readonly Listing[] {
  const offered = listing.visitors.controls.flatMap((one) => (one.control === 'sort' ? one.orders : []))
  return [listing, ...offered.map(({ order }) => ({ ...listing, order }))]
}
