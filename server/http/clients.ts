import { getHeader, getRequestIP } from 'h3'
import type { H3Event } from 'h3'
import ipaddr from 'ipaddr.js'

/**
 * How many proxies of one's own stand before the server, each of which adds the address it was
 * asked from.
 */
const proxies = Number(process.env.BUSHEL_PROXY ?? 0) || 0

/** Names where a request comes from. */
export function clientOf(event: H3Event): string {
  return clientName(getRequestIP(event) ?? '', getHeader(event, 'x-forwarded-for') ?? '', proxies)
}

/**
 * Names a client by its address, of IPv6 by the network of 64 bits that one customer has (RFC 6177).
 * Behind proxies `forwarded` lists addresses, the last one written by the proxy that asked: as many
 * are believed as there are proxies, since anything before that may be the client's own invention.
 */
export function clientName(socket: string, forwarded: string, proxies: number): string {
  const told = forwarded.split(',').map((one) => one.trim())
  const address = proxies > 0 && told.length >= proxies ? told[told.length - proxies] : socket
  const known = [address, socket].find((one) => one !== undefined && ipaddr.isValid(one))
  if (known === undefined) return 'unknown'
  const read = ipaddr.process(known)
  return read.kind() === 'ipv6' ? read.toNormalizedString().split(':').slice(0, 4).join(':') : read.toString()
}
