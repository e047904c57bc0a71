import { ruleTree } from '../rules/rule-tree'
import { shapeOf } from '../shapes'
import type { ShapeChoice } from '../shapes'
import type { From } from './from'
import type { Order } from '../order/order'

/** What of a listing may ask when entries happen. */
interface Asking {
  readonly from: From
  readonly order: Order
  readonly shape: ShapeChoice
}

/** Whether a listing asks when entries happen, if only by a rule that is switched off. */
export function asksWhen(listing: Asking): boolean {
  return shapeOf(listing.shape).isOfWhen !== undefined || choosesByWhen(listing)
}

/** As `asksWhen`, by its rules and its order: which it shows and where goes by when they happen. */
export function choosesByWhen({ from, order }: Pick<Asking, 'from' | 'order'>): boolean {
  return (
    order.keys.some((key) => key.by === 'when') ||
    ruleTree(from.rules).some(({ rule }) => rule.rule === 'when')
  )
}

/** Whether a listing may say how often each entry comes: a calendar has every date anyway. */
export function choosesDates(listing: Asking): boolean {
  return asksWhen(listing) && shapeOf(listing.shape).isOfWhen !== 'every date'
}
