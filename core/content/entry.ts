/** What an editor decides about an entry. */
export const entryStatuses = ['draft', 'published', 'archived'] as const
export type EntryStatus = (typeof entryStatuses)[number]

/** What a visitor gets of it: a published entry with a date to come is scheduled. */
export type EntryState = EntryStatus | 'scheduled'

/** The state of an entry at `now` (epoch milliseconds). */
export function stateOf(status: EntryStatus, publishedAt: number | null, now: number): EntryState {
  if (status !== 'published') return status
  return publishedAt !== null && publishedAt <= now ? 'published' : 'scheduled'
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
  readonly views: number
  readonly pinned: boolean
  /** Ids of the entry's terms with all their ancestors, and of its author. */
  readonly keys: readonly number[]
}
