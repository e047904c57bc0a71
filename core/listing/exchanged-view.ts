import type { Control } from '../visitors'
import type { OfferedView, ViewsControl } from '../visitors/views'
import type { Listing } from './definition'

/**
 * A listing with one of the views that visitors can have in place of its own way of being laid out, and that
 * in place of the view: shape, cards where the view has such, and what they are called.
 */
export function withViewExchanged(listing: Listing, at: number): Listing {
  const control = listing.visitors.controls.find((one): one is ViewsControl => one.control === 'views')
  const view = control?.views[at]
  if (control === undefined || view === undefined) return listing
  const before: OfferedView = {
    name: control.own,
    shape: listing.shape,
    card: view.card === null ? null : listing.card,
  }
  const exchanged: ViewsControl = {
    ...control,
    own: view.name,
    views: control.views.map((one, index) => (index === at ? before : one)),
  }
  const controls = listing.visitors.controls.map((one): Control => (one === control ? exchanged : one))
  return {
    ...listing,
    shape: view.shape,
    card: view.card ?? listing.card,
    visitors: { ...listing.visitors, controls },
  }
}
