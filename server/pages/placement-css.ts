import { amountStyles } from '../../core/listing/amount-styles'
import { shapeOf } from '../../core/shapes'
import { cssOf } from '../../core/style/rules'
import { placementViewsOf } from '../../site/view'
import type { ListingPageView, PlacementView } from '../../site/view'

/** The style rules that a page's listings ask for. */
export function listingCss(view: ListingPageView): string {
  return placementViewsOf(view)
    .map((placement) => placementCss(placement))
    .join('\n')
}

/** The style rules of one placement. */
export function placementCss({ id, shape, amount }: PlacementView): string {
  const placement = `[data-placement="${id}"]`
  return cssOf([
    ...shapeOf(shape).styles(shape, `${placement} .${shape.name}`),
    ...amountStyles(amount, placement),
  ])
}
