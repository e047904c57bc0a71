import type { Parsed } from '../../parsing'
import { refusal } from './define'

const schemes = new Set(['http:', 'https:', 'mailto:', 'tel:'])
const longest = 2000

/** Whether a text is an address as `readAddress` gives it. */
export function isAddress(text: string): boolean {
  const read = readAddress(text)
  return read.ok && read.value === text
}

/**
 * An address that is safe to link to: http, https, mailto or tel, or a path of this site. Anything
 * else, “javascript:” above all, is refused. A bare “example.org/x” gets https. Written forms of a
 * URL follow the URL Standard.
 */
export function readAddress(input: unknown): Parsed<string> {
  if (typeof input !== 'string') return refusal('This takes an address.')
  const text = input.trim()
  if (text === '') return refusal('Type an address.')
  if (text.length > longest)
    return refusal(`Keep the address within ${longest.toLocaleString('en')} characters.`)
  // The URL Standard drops tabs and line ends inside a scheme; a browser would follow what is left.
  if (/[\p{Cc}\p{Surrogate}\s\\]/u.test(text)) return refusal('An address has no spaces in it.')
  if (text.startsWith('//'))
    return refusal('Begin the address with its scheme, as in “https://example.org/page”.')
  if (/^[/#]/.test(text)) return { ok: true, value: text }
  const whole =
    /^[a-z][a-z0-9+.-]*:/i.test(text) && !/^[\w.-]+\.[a-z]{2,}:\d/i.test(text) ? text : `https://${text}`
  if (!URL.canParse(whole))
    return refusal('This is no address. Type one like “https://example.org/page” or “/page”.')
  const url = new URL(whole)
  if (!schemes.has(url.protocol))
    return refusal('Link to http, https, mailto or tel, or to a path of this site.')
  if (url.protocol.startsWith('http') && !url.hostname.includes('.') && url.hostname !== 'localhost')
    return refusal('This is no address. Type one like “https://example.org/page” or “/page”.')
  return { ok: true, value: whole }
}

/** Whether an address may stand in a link as it is. */
export function isSafeAddress(text: string): boolean {
  const read = readAddress(text)
  return read.ok && read.value === text
}
