import { defineEventHandler, getRequestURL, setResponseHeader } from 'h3'
import { siteOrigin } from '../site/origin'

/** What programs may look at, and where all addresses stand (RFC 9309). */
export default defineEventHandler(async (event) => {
  // What may be looked at is said also while the database is away.
  const origin = await siteOrigin(event).catch(() => getRequestURL(event).origin)
  setResponseHeader(event, 'content-type', 'text/plain; charset=utf-8')
  return [
    'User-agent: *',
    'Disallow: /bench',
    'Disallow: /api/',
    'Disallow: /search',
    `Sitemap: ${origin}/sitemap.xml`,
    '',
  ].join('\n')
})
