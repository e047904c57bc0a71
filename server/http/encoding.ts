import { LRUCache } from 'lru-cache'
import Negotiator from 'negotiator'

/** Browsers say what they take in a few ways, again and again. */
const known = new LRUCache<string, string>({ max: 200 })
const longestHeader = 300

/**
 * The encoding to answer in (RFC 9110, 12.5.3): of those that are offered and taken the one that is
 * wanted most, the first offered among equals; “identity” where none is, which anything may be sent in.
 */
export function encodingFor<Offered extends string>(
  accepted: string,
  offered: readonly Offered[],
): Offered | 'identity' {
  if (accepted === '' || accepted.length > longestHeader) return 'identity'
  const name = `${accepted}\n${offered.join()}`
  const chosen =
    known.get(name) ??
    new Negotiator({ headers: { 'accept-encoding': accepted } }).encoding(offered, { preferred: offered }) ??
    'identity'
  known.set(name, chosen)
  return chosen as Offered | 'identity'
}
