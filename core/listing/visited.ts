import { controls } from '../visitors'
import type { Chosen } from '../visitors/choices'
import { spanRules } from '../visitors/dates'
import type { ShownAs } from '../visitors/define'
import { takeOf } from './amount'
import type { Amount } from './amount'
import type { Listing } from './definition'

/** A listing in the order, laid out, and so many at once, as a visitor chose; the very same where nothing was. */
export function visitedListing(listing: Listing, chosen: readonly Chosen[]): Listing {
  const own: ShownAs = { order: listing.order, shape: listing.shape, card: listing.card, atOnce: null }
  const shown = chosen.reduce(
    (before, { control, choice }) =>
      controls.get(control.control).changes?.(control, choice, before) ?? before,
    own,
  )
  const { atOnce, ...rest } = shown
  return shown === own ? listing : { ...listing, ...rest, amount: amountAt(listing.amount, atOnce) }
}

/** So many on each page, or, where there are no pages, at all. */
function amountAt(amount: Amount, atOnce: number | null): Amount {
  if (atOnce === null) return amount
  const whole = { ...amount, stops: [] }
  return amount.perPage === null
    ? { ...whole, take: atOnce }
    : { ...whole, perPage: Math.min(atOnce, takeOf(amount)) }
}

/**
 * A listing as it is, and in each way in which visitors can have it that the clock or reads may change: in
 * each order and view, and within each stretch of time that moves.
 */
export function inEveryWay(listing: Listing): readonly Listing[] {
  const ways = listing.visitors.controls.flatMap((one): readonly Listing[] => {
    if (one.control === 'sort') return one.orders.map(({ order }) => ({ ...listing, order }))
    if (one.control === 'views')
      return one.views.map(({ shape, card }) => ({ ...listing, shape, card: card ?? listing.card }))
    if (one.control !== 'dates') return []
    const { from } = listing
    return spanRules(one).map((rule) => ({ ...listing, from: { ...from, rules: [...from.rules, rule] } }))
  })
  return [listing, ...ways]
}
