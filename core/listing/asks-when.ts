import { ruleTree } from '../rules/rule-tree'
import type { From } from './from'
import type { Order } from './order'

/** Whether a listing asks when entries happen, if only by a rule that is switched off. */
export function asksWhen({ from, order }: { readonly from: From; readonly order: Order }): boolean {
  return (
    order.keys.some((key) => key.by === 'when') ||
    ruleTree(from.rules).some(({ rule }) => rule.rule === 'when')
  )
}
