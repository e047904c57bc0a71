import type { IndexedEntry } from './entry'
import type { Occurrence } from '../time/occurrences'

/** What a listing shows one of: an entry, or one occurrence of it. */
export interface Row {
  readonly entry: IndexedEntry
  /** Null where the entry itself is meant, and where it does not happen. */
  readonly occurrence: Occurrence | null
}

/** What names a row among those of a listing. */
export interface RowKey {
  readonly id: number
  /** The key of its occurrence (epoch milliseconds); null without one. */
  readonly at: number | null
}

/** The row of an entry itself. */
export function rowOf(entry: IndexedEntry): Row {
  return { entry, occurrence: null }
}

export function keyOfRow({ entry, occurrence }: Row): RowKey {
  return { id: entry.id, at: occurrence?.key ?? null }
}

/** A row’s name as a text, for lists of rows and for elements: `812`, `812@1796205600000`. */
export function rowName({ id, at }: RowKey): string {
  return at === null ? String(id) : `${id}@${at}`
}
