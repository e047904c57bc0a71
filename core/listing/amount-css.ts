import type { Amount } from './amount'

/**
 * Style rules that hide what a narrow listing does not show: whatever is marked to be shown from a
 * width only. The container is the listing's own box, as for shapes; what is hidden so is hidden
 * from screen readers, too.
 */
export function amountCss(amount: Amount, selector: string): readonly string[] {
  return amount.stops.map(
    ({ below }) =>
      `@container listing (width < ${below}px){${selector} [data-from="${below}"]{display:none}}`,
  )
}
