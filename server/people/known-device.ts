import { createHmac, timingSafeEqual } from 'node:crypto'
import { getCookie, setCookie } from 'h3'
import type { H3Event } from 'h3'

const cookie = 'known-device'
const secondsKept = 180 * 24 * 3600

/**
 * A signed mark of the browsers from which an address signed in before (OWASP, Slow Down Online
 * Guessing Attacks with Device Cookies): what others try at the address does not lock those out. It
 * lets nobody in.
 */
export function isKnownDevice(event: H3Event, email: string): boolean {
  const given = Buffer.from(getCookie(event, cookie) ?? '')
  const expected = Buffer.from(markOf(email))
  return given.length === expected.length && timingSafeEqual(given, expected)
}

/** Marks the browser as one from which the address signed in. */
export function markDevice(event: H3Event, email: string): void {
  setCookie(event, cookie, markOf(email), {
    httpOnly: true,
    sameSite: 'lax',
    path: '/api/session',
    maxAge: secondsKept,
    secure: process.env.BUSHEL_HTTPS === '1',
  })
}

function markOf(email: string): string {
  return createHmac('sha256', process.env.BUSHEL_SECRET ?? '')
    .update(`known device ${email}`)
    .digest('base64url')
}
