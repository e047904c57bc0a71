import { DateTime } from 'luxon'

/** First parts of addresses that are not public pages. */
export const reservedStarts: ReadonlySet<string> = new Set([
  'bench',
  'api',
  'media',
  'live',
  'code',
  'listing',
])
/** First parts of addresses that pages of the whole site have, and no collection of its own. */
const siteStarts: ReadonlySet<string> = new Set(['authors', 'search'])
/** A part of an address: words of small letters and digits, joined by hyphens. */
export const addressPart = /^[\p{Ll}\p{Lo}\p{N}\p{M}]+(?:-[\p{Ll}\p{Lo}\p{N}\p{M}]+)*$/u
const blanks = new Set(['{year}', '{month}', '{slug}'])

/**
 * What is wrong with the pattern of entry addresses, or null. `/field-notes/{slug}` and
 * `/notes/{year}/{slug}` are right.
 */
export function patternFault(pattern: string): string | null {
  const [start, ...parts] = pattern.split('/')
  if (start !== '' || parts.length === 0) return 'Begin the address with “/”.'
  if (parts.at(-1) !== '{slug}' || parts.filter((part) => part === '{slug}').length !== 1)
    return 'End the address with “{slug}”, which stands for the entry’s own part.'
  const [first = ''] = parts
  const isTaken = reservedStarts.has(first) || siteStarts.has(first)
  if (!addressPart.test(first) || isTaken)
    return isTaken
      ? `“/${first}” is taken. Begin with another word.`
      : 'Begin with a word in small letters: “/field-notes/{slug}”.'
  const stray = parts.find((part) => !addressPart.test(part) && !blanks.has(part))
  return stray === undefined
    ? null
    : `“${stray}” cannot stand in an address. Use small letters, digits and hyphens, {year}, {month} and {slug}.`
}

/** Whether a page's address is a pattern: then it is the page of each thing that has an address of it. */
export function isPattern(path: string): boolean {
  return path.includes('/{')
}

/**
 * The address of an entry's own page. `publishedAt` is epoch milliseconds; its year and month are
 * those of `zone`.
 */
export function entryAddressOf(
  pattern: string,
  entry: { readonly slug: string; readonly publishedAt: number },
  zone: string,
): string {
  const published = (format: string) => DateTime.fromMillis(entry.publishedAt, { zone }).toFormat(format)
  return pattern
    .replace('{year}', () => published('yyyy'))
    .replace('{month}', () => published('MM'))
    .replace('{slug}', () => encodeURIComponent(entry.slug))
}

/** The slug that a path (percent-decoded) names under a pattern, or null when the path is not of it. */
export function slugIn(pattern: string, path: string): string | null {
  const parts = path.split('/')
  const wanted = pattern.split('/')
  if (parts.length !== wanted.length) return null
  const fits = wanted.every((part, at) => {
    const given = parts[at] ?? ''
    if (part === '{year}') return /^\d{4}$/.test(given)
    if (part === '{month}') return /^\d{2}$/.test(given)
    return part === '{slug}' ? given !== '' : given === part
  })
  return fits ? (parts.at(-1) ?? null) : null
}

/** The fixed beginning of a pattern: where the collection's own page would be. */
export function baseOf(pattern: string): string {
  return pattern.slice(0, pattern.indexOf('/{'))
}

/** The address of a term's page: `/topic/soil`. */
export function termAddress(facetSlug: string, termSlug: string): string {
  return `/${encodeURIComponent(facetSlug)}/${encodeURIComponent(termSlug)}`
}

/** What the addresses of calendar files end in (RFC 5545, 8.1). */
export const calendarEnding = '.ics'

/** The calendar file of an entry that happens, by its own address. */
export function entryCalendar(address: string): string {
  return address + calendarEnding
}
