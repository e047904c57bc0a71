import { createHash } from 'node:crypto'

/** What every document of the site's own may do (Content Security Policy Level 3). */
const documents = ["default-src 'self'", "object-src 'none'", "base-uri 'none'", "form-action 'self'"]
const ownFrames = "frame-ancestors 'self'"

/** What no document answers with, and what is opened by itself may do: nothing. */
export const strictestPolicy =
  "default-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'self'"

/**
 * The policy of pasted code: it may fetch and run what it likes, but has no origin, so that nothing of the
 * site’s is its own, also where it is opened by itself (CSP 3, 6.3.2: sandbox).
 */
export const codePolicy = [
  'sandbox allow-scripts allow-forms allow-popups allow-popups-to-escape-sandbox',
  "default-src * data: blob: 'unsafe-inline' 'unsafe-eval'",
  "frame-ancestors 'self'",
].join('; ')

/** Places of pictures and shares of bars: numbers that a page's own markup says. */
const ownAttributes = "style-src-attr 'unsafe-inline'"

/**
 * The policy of a public document: all from the site itself, no script within the page, and of styles
 * within it only this text, by its hash. What `isFramed` may stand in pages of any site, whatever else says
 * that it may not (CSP 3, 6.4.2.3).
 */
export function contentPolicy(css: string, isFramed = false): string {
  return [
    ...documents,
    isFramed ? 'frame-ancestors *' : ownFrames,
    "script-src 'self'",
    "img-src 'self' data:",
    ownAttributes,
    `style-src 'self' ${hashOf(css)}`,
  ].join('; ')
}

/**
 * The policy of a draft that the bench frames: it writes styles into it, and no script runs but the
 * site's.
 */
export const framedPolicy = [
  ...documents,
  ownFrames,
  "script-src 'self'",
  "img-src 'self' data:",
  "style-src 'self' 'unsafe-inline'",
].join('; ')

/** Scripts that stand in a document; what has another type is data. */
const inlineScripts = /<script(?![^>]*\s(?:src|type="application\/json")[=\s>])[^>]*>([\s\S]*?)<\/script>/g

/**
 * The policy of a document of the bench: scripts from the site itself, and of those within only the
 * ones that stand there now. Its components write their styles as they come.
 */
export function benchPolicy(html: string): string {
  const scripts = Array.from(html.matchAll(inlineScripts), ([, text = '']) => hashOf(text))
  return [
    ...documents,
    ownFrames,
    ["script-src 'self'", ...scripts].join(' '),
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "style-src 'self' 'unsafe-inline'",
  ].join('; ')
}

function hashOf(text: string): string {
  return `'sha256-${createHash('sha256').update(text).digest('base64')}'`
}
