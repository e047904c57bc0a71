import { amountStyles } from '../../core/listing/amount-styles'
import { shapeOf } from '../../core/shapes'
import { layerCss } from '../../core/style/rules'
import { bandStyles } from '../../core/pages/bands/styles'
import { listingViewsOf } from '../../site/view'
import type { ListingPageView, PlacedListingView } from '../../site/view'

/** The style rules that a page's bands and listings ask for. */
export function pageCss(view: ListingPageView): string {
  const bands = view.areas.flatMap((area) => area.bands.flatMap((one) => bandStyles(one.band)))
  return [layerCss('listing', bands), ...listingViewsOf(view).map((placement) => placementCss(placement))]
    .filter((css) => css !== '')
    .join('\n')
}

/** The style rules of one placement. */
export function placementCss({ id, shape, amount }: PlacedListingView): string {
  const placement = `[data-placement="${id}"]`
  return layerCss('listing', [
    ...shapeOf(shape).styles(shape, `${placement} .${shape.name}`),
    ...amountStyles(amount, placement),
  ])
}
