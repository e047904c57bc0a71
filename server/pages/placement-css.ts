import { amountCss } from '../../core/listing/amount-css'
import { shapeOf } from '../../core/shapes'
import type { ListingPageView, PlacementView } from '../../site/view'

/** The style rules that a page's listings ask for. */
export function listingCss(view: ListingPageView): string {
  return Object.values(view.areas)
    .flat()
    .map((placement) => placementCss(placement))
    .join('\n')
}

/** The style rules of one placement. */
export function placementCss({ id, shape, amount }: PlacementView): string {
  const selector = `[data-placement="${id}"] .${shape.name}`
  return [shapeOf(shape).css(shape, selector), ...amountCss(amount, `[data-placement="${id}"]`)].join('\n')
}
