/** What an editor decides about an entry. */
export const entryStatuses = ['draft', 'published', 'archived'] as const
export type EntryStatus = (typeof entryStatuses)[number]

/**
 * What a visitor gets of it: a published entry with a date to come is scheduled, one past its end
 * expired.
 */
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

/** Keys that say something of the entry itself; terms, authors and values have keys above 0. */
export const entryMarks = { picture: -1, summary: -2, pinned: -3 } as const
export type EntryMark = keyof typeof entryMarks

/** How often an entry was read on a day. */
export interface DailyReads {
  /** Midnight UTC of the calendar day in the site's zone, epoch milliseconds. */
  readonly day: number
  readonly count: number
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
  readonly comments: number
  /** What the votes vouch for, 0 to 1 (Wilson's lower bound); null without votes. */
  readonly rating: number | null
  readonly pinned: boolean
  /** Ids of the entry's terms with all their ancestors, of its author, keys of its fields, and its marks. */
  readonly keys: readonly number[]
  /** What the entry's fields are ordered and narrowed by. */
  readonly values: Readonly<Record<string, number | string>>
  /** The different words in its title, summary, text and text fields, and where they stand. */
  readonly words: readonly string[]
  readonly reads: readonly DailyReads[]
}
