import { compiledOwnCss } from '../looks/own-css/compile'
import type { OwnCss } from '../looks/own-css/own-css'
import type { Looking } from './look'
import { targetsOf } from './targets'

/**
 * The style sheet of the rules that designers wrote for a listing: those of its shared look, then its own.
 * It comes after that of the look itself; what a listing departs in prevails over the rules of its look.
 */
export function listingOwnCss(listing: Looking, shared: OwnCss, scope: string): string {
  const place = { targets: targetsOf(listing), scope }
  return [compiledOwnCss(shared, 'look', place), compiledOwnCss(listing.look.css, 'listing', place)]
    .filter((css) => css !== '')
    .join('\n')
}
