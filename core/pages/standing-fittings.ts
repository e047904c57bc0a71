import { fittings, showsReads } from '../fittings'
import type { Page } from './definition'
import { standingOn } from './standing'

/** Whether what stands on a page may change with any entry of the site, whatever its listings ask. */
export function showsAnyEntry(page: Page): boolean {
  return standingOn(page).some(
    ({ placement }) =>
      placement.kind === 'fitting' && fittings.get(placement.fitting.name).showsEntries === true,
  )
}

/** Whether what stands on a page besides listings tells how often entries were read. */
export function fittingsShowReads(page: Page): boolean {
  return standingOn(page).some(
    ({ placement }) => placement.kind === 'fitting' && showsReads(placement.fitting),
  )
}
