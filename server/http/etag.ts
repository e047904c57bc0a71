import { createHash } from 'node:crypto'

/** Names what a text says (RFC 9110, 8.8.3); weakly, since it is sent in several encodings. */
export function etagOf(text: string): string {
  return `W/"${createHash('sha256').update(text).digest('base64url').slice(0, 22)}"`
}

/**
 * Whether one of the tags that are asked for is the one that is, or any will do; they are compared weakly
 * (RFC 9110, 8.8.3.2).
 */
export function isSameTag(tags: string | undefined, etag: string): boolean {
  if (tags === undefined) return false
  const plain = (tag: string) => tag.trim().replace(/^W\//, '')
  return tags.trim() === '*' || tags.split(',').some((tag) => plain(tag) === plain(etag))
}
