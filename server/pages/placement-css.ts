import { amountStyles } from '../../core/listing/amount-styles'
import { shapeOf } from '../../core/shapes'
import { cssOf } from '../../core/style/rules'
import { bandStyles } from '../../core/pages/bands/styles'
import { listingViewsOf } from '../../site/view'
import type { ListingPageView, PlacedListingView } from '../../site/view'

/** The style rules that a page's bands and listings ask for. */
export function pageCss(view: ListingPageView): string {
  const bands = view.areas.flatMap((area) => area.bands.flatMap((one) => bandStyles(one.band)))
  return [cssOf(bands), ...listingViewsOf(view).map((placement) => placementCss(placement))]
    .filter((css) => css !== '')
    .join('\n')
}

/** The style rules of one placement. */
export function placementCss({ id, shape, amount }: PlacedListingView): string {
  const placement = `[data-placement="${id}"]`
  return cssOf([
    ...shapeOf(shape).styles(shape, `${placement} .${shape.name}`),
    ...amountStyles(amount, placement),
  ])
}
