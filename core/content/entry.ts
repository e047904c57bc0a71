/** What an editor decides about an entry. */
export const entryStatuses = ['draft', 'published', 'archived'] as const
export type EntryStatus = (typeof entryStatuses)[number]

/** What a visitor gets of it: a published entry with a date to come is scheduled, one past its end expired. */
export const entryStates = ['draft', 'scheduled', 'published', 'expired', 'archived'] as const
export type EntryState = (typeof entryStates)[number]

/** What decides whether a visitor sees an entry. Instants are epoch milliseconds; an end of null is never. */
export interface Showing {
  readonly status: EntryStatus
  readonly publishedAt: number | null
  readonly expiresAt: number | null
}

/** The state of an entry at `now` (epoch milliseconds). It is gone at the very instant it expires. */
export function stateOf({ status, publishedAt, expiresAt }: Showing, now: number): EntryState {
  if (status !== 'published') return status
  if (publishedAt === null || publishedAt > now) return 'scheduled'
  return expiresAt !== null && expiresAt <= now ? 'expired' : 'published'
}

/**
 * The narrow row that questions are asked of: one for each entry with the status “published”.
 * Ids of entries, authors and terms come from one number series, so an id is at once a key.
 */
export interface IndexedEntry {
  readonly id: number
  readonly collectionId: number
  readonly title: string
  /** Epoch milliseconds. */
  readonly publishedAt: number
  readonly expiresAt: number | null
  readonly views: number
  readonly pinned: boolean
  /** Ids of the entry's terms with all their ancestors, of its author, and keys of its fields. */
  readonly keys: readonly number[]
}
