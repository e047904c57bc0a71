import type { IndexedEntry } from '~~/core/content/entry'
import type { RowKey } from '~~/core/content/row'

/** The entries of an answer’s rows, in order. */
export function idsOf({ rows }: { readonly rows: readonly RowKey[] }): readonly number[] {
  return rows.map((row) => row.id)
}

/** An entry in the index with nothing to it. */
export const blankIndexed: IndexedEntry = {
  id: 1,
  collectionId: 1,
  title: '',
  publishedAt: 0,
  expiresAt: null,
  views: 0,
  comments: 0,
  rating: null,
  pinned: false,
  keys: [],
  values: {},
  words: [],
  reads: [],
}
