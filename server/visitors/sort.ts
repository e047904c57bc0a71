import { orderName } from '../../core/visitors/sort'
import type { SortControl } from '../../core/visitors/sort'
import { choiceAddress } from './asked'
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
  const ways = [own, ...control.orders.map((one) => orderName(one, words))].map((title, at) => ({
    id: `${of.placement}-by-${at}`,
    title,
    address: choiceAddress(of, control, at === 0 ? null : at - 1),
    count: null,
    isChosen: at === 0 ? chosen === null : chosen === at - 1,
    depth: 0,
  }))
  return { content: { layout: control.layout, ways }, inSight: ways.length }
}
