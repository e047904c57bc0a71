import { defineEventHandler, getRequestURL, setResponseHeader } from 'h3'

/** What programs may look at, and where all addresses stand (RFC 9309). */
export default defineEventHandler((event) => {
  const { origin } = getRequestURL(event)
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
