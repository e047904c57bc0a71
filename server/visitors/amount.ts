import { mostShown, takeAt } from '../../core/listing/amount'
import type { AmountControl } from '../../core/visitors/amount'
import { fewWays } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** How many the listing shows at once, and how many it can. */
export async function amountContent(
  control: AmountControl,
  chosen: number | null,
  of: ControlsAsked,
): Promise<Loaded<'amount'>> {
  const own = takeAt(of.own.amount, Infinity)
  const ways = [...new Set([own, ...control.amounts])]
    .filter((one) => one <= mostShown)
    .toSorted((one, other) => one - other)
    .map((amount) => ({ choice: amount === own ? null : amount, title: String(amount) }))
  return {
    content: { layout: 'bar', ways: fewWays(of, control, ways, chosen === own ? null : chosen) },
    inSight: ways.length,
  }
}
