import type { EntryInput } from './entry-input'
import type { EntryState } from './entry'

/** What the server answers about content; the screens read the same types. */

export interface CollectionRow {
  readonly id: number
  readonly slug: string
  readonly name: string
  readonly singular: string
  readonly plural: string
  readonly entries: number
}

/** A row of the table of entries. Instants are epoch milliseconds. */
export interface EntryRow {
  readonly id: number
  readonly title: string
  readonly slug: string
  readonly state: EntryState
  readonly author: string | null
  readonly terms: readonly string[]
  readonly publishedAt: number | null
  readonly updatedAt: number
  readonly views: number
  readonly pinned: boolean
  readonly picture: { readonly hash: string; readonly width: number } | null
}

/** An entry as its form edits it, with the version that the next save must name. */
export interface EditedEntry extends EntryInput {
  readonly id: number
  readonly collectionId: number
  readonly version: number
  /** Epoch milliseconds. */
  readonly updatedAt: number
  readonly updatedBy: string | null
}

export interface PictureRow {
  readonly id: number
  readonly hash: string
  readonly width: number
  readonly height: number
  readonly alternative: string
  readonly tint: string
  readonly fileName: string
}
