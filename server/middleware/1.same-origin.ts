import { defineEventHandler, getHeader, setResponseHeader, setResponseStatus } from 'h3'
import type { H3Event } from 'h3'

const reading = new Set(['GET', 'HEAD', 'OPTIONS'])

/** Refuses every write that another site's page may have caused (request forgery). */
export default defineEventHandler((event) => {
  if (reading.has(event.method) || isSameOrigin(event)) return
  setResponseStatus(event, 403)
  setResponseHeader(event, 'content-type', 'application/problem+json')
  return {
    status: 403,
    title: 'Not allowed',
    detail: 'Writes are taken from this site’s own pages only.',
    faults: [],
  }
})

/** Browsers send Sec-Fetch-Site or Origin with every write; what sends neither is no browser page. */
function isSameOrigin(event: H3Event): boolean {
  const site = getHeader(event, 'sec-fetch-site')
  if (site !== undefined && site !== 'same-origin') return false
  const origin = getHeader(event, 'origin')
  if (origin === undefined) return site === 'same-origin'
  return URL.canParse(origin) && new URL(origin).host === getHeader(event, 'host')
}
