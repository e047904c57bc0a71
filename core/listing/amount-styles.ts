import { belowWidth, rule } from '../style/rules'
import type { Style } from '../style/rules'
import type { Amount } from './amount'

/**
 * Style rules that hide what a narrow listing does not show: whatever is marked to be shown from a
 * width only. The container is the listing's own box, as for shapes; what is hidden so is hidden
 * from screen readers, too. What leads to all of it stands there instead.
 */
export function amountStyles(amount: Amount, selector: string): readonly Style[] {
  return amount.stops.flatMap(({ below }) =>
    belowWidth(below, [
      rule(`${selector} [data-from="${below}"]`, { display: 'none' }),
      rule(`${selector} [data-below="${below}"]`, { display: 'block' }),
    ]),
  )
}
