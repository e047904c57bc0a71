import { createHash } from 'node:crypto'

/** What public pages may load and run, besides their own styles. */
const rules = [
  "default-src 'self'",
  "script-src 'self'",
  "img-src 'self' data:",
  "object-src 'none'",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'self'",
  // Places of pictures and shares of bars: numbers that the page's own markup says.
  "style-src-attr 'unsafe-inline'",
]

/**
 * The policy of a public document (Content Security Policy Level 3): all from the site itself, no
 * script within the page, and of styles within it only this text, by its hash.
 */
export function contentPolicy(css: string): string {
  const hash = createHash('sha256').update(css).digest('base64')
  return [...rules, `style-src 'self' 'sha256-${hash}'`].join('; ')
}
