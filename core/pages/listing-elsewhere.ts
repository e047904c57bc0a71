import { uuidPattern } from '../uuid'

/** Whether a listing is shown at an address of its own, and where the site is reached. */
export interface ListingElsewhere {
  readonly isShown: boolean
  /** As `https://example.org`. */
  readonly origin: string
}

const start = '/listing/'

/** Where a listing is shown by itself, for pages of other sites. */
export function loneAddress(listing: string): string {
  return start + listing
}

/** The listing that is shown by itself at a path; null where that is no such path. */
export function loneListingAt(path: string): string | null {
  const id = path.startsWith(start) ? path.slice(start.length) : ''
  return uuidPattern.test(id) ? id : null
}

const escapes: Readonly<Record<string, string>> = { '&': '&amp;', '"': '&quot;', '<': '&lt;', '>': '&gt;' }

/**
 * What sets a listing into a page of another site, as HTML: a frame, and the script that makes it as high as
 * what stands in it. Without that it scrolls. `name` is read aloud.
 */
export function frameCode(origin: string, listing: string, name: string): string {
  const title = name.replace(/[&"<>]/g, (sign) => escapes[sign] ?? sign)
  return [
    `<iframe data-bushel title="${title}" src="${origin}${loneAddress(listing)}"`,
    ' loading="lazy" style="width: 100%; height: 480px; border: 0"></iframe>\n',
    `<script async src="${origin}/listing-frame.js"></script>`,
  ].join('')
}
