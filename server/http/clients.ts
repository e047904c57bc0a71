import { getRequestIP } from 'h3'
import type { H3Event } from 'h3'

/**
 * Names where a request comes from: its address, of IPv6 the network of 64 bits that one customer has
 * (RFC 6177). Behind a proxy of one's own, which BUSHEL_PROXY=1 says, the address that it names.
 */
export function clientOf(event: H3Event): string {
  const address = getRequestIP(event, { xForwardedFor: process.env.BUSHEL_PROXY === '1' }) ?? 'unknown'
  const plain = address.replace(/^::ffff:/, '')
  return plain.includes(':') ? plain.split(':').slice(0, 4).join(':') : plain
}
