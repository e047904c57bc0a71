import { orderKeyTrouble } from '../../core/order/order'
import { orderName } from '../../core/visitors/sort'
import type { SortControl } from '../../core/visitors/sort'
import { fewWays } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** The listing's own order and those that visitors can have instead. */
export async function sortContent(
  control: SortControl,
  chosen: number | null,
  of: ControlsAsked,
): Promise<Loaded<'sort'>> {
  const { words } = of.known
  const own = orderName({ name: control.own, order: of.own.order }, words)
  const offered = control.orders.flatMap((one, choice) =>
    // What a listing can't be ordered by any more is no order to choose.
    one.order.keys.some((key) => orderKeyTrouble(key, words) !== null)
      ? []
      : [{ choice, title: orderName(one, words) }],
  )
  const ways = fewWays(of, control, [{ choice: null, title: own }, ...offered], chosen)
  return { content: { layout: control.layout, ways }, inSight: ways.length }
}
