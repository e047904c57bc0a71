import { calendarEnding as ending } from '../content/entry-address'
import { loneAddress, loneListingAt } from './listing-elsewhere'

/** Whose calendar is asked for: a listing’s, or that of the entry at a path. */
export type CalendarFileOf =
  { readonly of: 'listing'; readonly listing: string } | { readonly of: 'entry'; readonly path: string }

/** So many entries at most are asked for by their numbers. */
const mostOnly = 200

/**
 * The entries that a calendar is narrowed to by its address, `?only=12,40`; null for all of them, and where
 * something else stands there.
 */
export function onlyIn(query: URLSearchParams): readonly number[] | null {
  const told = query.get('only') ?? ''
  if (!/^\d{1,10}(?:,\d{1,10})*$/.test(told)) return null
  const ids = [...new Set(told.split(',').map(Number))].filter((id) => id > 0 && id <= 2_147_483_647)
  return ids.length === 0 ? null : ids.slice(0, mostOnly)
}

/** Whose calendar file is at a path; null for a path that is none. */
export function calendarFileOf(path: string): CalendarFileOf | null {
  if (!path.endsWith(ending)) return null
  const bare = path.slice(0, -ending.length)
  const listing = loneListingAt(bare)
  return listing === null ? { of: 'entry', path: bare } : { of: 'listing', listing }
}

/** The calendar file of a listing, of what it has that happens. */
export function listingCalendar(listing: string): string {
  return loneAddress(listing) + ending
}
