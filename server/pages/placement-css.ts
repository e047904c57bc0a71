import { fittingCss } from '../../core/fittings/look'
import { amountStyles } from '../../core/listing/amount-styles'
import { lookCss } from '../../core/listing/look'
import { listingOwnCss } from '../../core/listing/own-css'
import { shapeOf } from '../../core/shapes'
import { layerCss } from '../../core/style/rules'
import { bandStyles } from '../../core/pages/bands/styles'
import { fittingViewsOf, listingViewsOf } from '../../site/view'
import type { ListingPageView, PlacedListingView } from '../../site/view'

/** The style rules that a page's bands, listings and fittings ask for. */
export function pageCss(view: ListingPageView): string {
  const bands = view.areas.flatMap((area) => area.bands.flatMap((one) => bandStyles(one.band)))
  return [
    layerCss('layout', bands),
    ...listingViewsOf(view).map((placement) => placementCss(placement)),
    ...fittingViewsOf(view).map(({ id, fitting, styles }) =>
      fittingCss(fitting, styles, `[data-placement="${id}"]`),
    ),
  ]
    .filter((css) => css !== '')
    .join('\n')
}

/** The style rules of one placement: how its shape is set, and how it looks. */
export function placementCss({ id, shape, amount, look }: PlacedListingView): string {
  const placement = `[data-placement="${id}"]`
  return [
    layerCss('layout', [
      ...shapeOf(shape).styles(shape, `${placement} .${shape.name}`),
      ...amountStyles(amount, placement),
    ]),
    lookCss(look.listing, look.shared, placement),
    listingOwnCss(look.listing, look.sharedCss, placement),
  ]
    .filter((css) => css !== '')
    .join('\n')
}
