import { takeAt } from './amount'
import type { Amount } from './amount'

/**
 * Style rules that hide what a narrow listing does not show. The container is the listing's own box,
 * as for shapes; what is hidden so is hidden from screen readers, too.
 */
export function amountCss(amount: Amount, selector: string): readonly string[] {
  return amount.stops.map(({ below }) => {
    const shown = takeAt(amount, below - 1)
    return `@container listing (width < ${below}px){${selector}>:nth-child(n+${shown + 1}){display:none}}`
  })
}
