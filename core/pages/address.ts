import { addressPart, reservedStarts } from '../content/entry-address'
import { slugOf } from '../content/slug'

/** So long is the address of a page at most. */
export const longestAddress = 120

/** What is wrong with the address of a page, or null. `/` and `/about/the-hill` are right. */
export function pageAddressFault(path: string): string | null {
  if (path === '/') return null
  const [start, ...parts] = path.split('/')
  const [first = ''] = parts
  if (start !== '' || parts.length === 0) return 'Begin the address with “/”.'
  if (reservedStarts.has(first)) return `“/${first}” is taken. Begin with another word.`
  if (path.length > longestAddress) return `Keep the address within ${longestAddress} characters.`
  return parts.every((part) => addressPart.test(part))
    ? null
    : 'Use small letters, digits and hyphens, with “/” between parts: “/about/the-hill”.'
}

/** An address for a page of this title that none of `taken` is. */
export function freePageAddress(title: string, taken: ReadonlySet<string>): string {
  const slug = slugOf(title) || 'page'
  const wanted = `/${reservedStarts.has(slug) ? `${slug}-page` : slug}`
  let address = wanted
  for (let number = 2; taken.has(address); number += 1) address = `${wanted}-${number}`
  return address
}
