import type { CollectionIcon } from './collection'
import type { EntryInput } from './entry-input'
import type { EntryState, EntryStatus } from './entry'
import type { Field, FieldValues } from './field'
import type { FacetInput, TermInput } from './term-input'
import type { MediaInput, MediaKind } from './media'

/** What the server answers about content; the screens read the same types. */

export interface CollectionRow {
  readonly id: number
  readonly slug: string
  readonly name: string
  readonly singular: string
  readonly plural: string
  readonly icon: CollectionIcon
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
  readonly values: FieldValues
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

/** A kept version of an entry. */
export interface EntryVersion {
  readonly version: number
  /** Epoch milliseconds. */
  readonly savedAt: number
  readonly savedBy: string | null
  readonly action: 'found' | 'added' | 'copied' | 'saved' | 'restored' | 'bulk'
  readonly title: string
  readonly status: EntryStatus
  /** What differs from the version before it; nothing for the oldest that is kept. */
  readonly changed: readonly EntryPart[]
  /** The fields whose values differ, by name; those that are gone are left out. */
  readonly changedFields: readonly string[]
}

/** A part of an entry besides its fields. */
export type EntryPart = Exclude<keyof EntryInput, 'values'>

/** A field that has another type, or gets it as soon as all values are converted. */
export interface ConvertedField extends Field, GoingOn {}

/** What changing a field's type would do to the values there are. */
export interface FieldConversion {
  /** Entries that have a value. */
  readonly total: number
  readonly converted: number
  readonly refusedCount: number
  /** The first of those that cannot be converted, each with the reason. */
  readonly refused: readonly {
    readonly entryId: number
    readonly title: string
    readonly text: string
    readonly message: string
  }[]
}

/** Whether what was asked for is begun, and goes on by itself. */
export interface GoingOn {
  readonly isGoingOn: boolean
}

/** A term that was deleted or merged. */
export interface TermOutcome extends GoingOn {
  /** Names the change, for undoing it. */
  readonly change: string
}

export interface BulkOutcome extends GoingOn {
  /** Names the change, for undoing it. */
  readonly id: string
  /** By now, where it goes on. */
  readonly changed: number
}

export interface BulkUndoOutcome extends GoingOn {
  readonly undone: number
  /** Changed by somebody since, and therefore left as they are. */
  readonly kept: number
}

/** A facet as its screen lists it. */
export interface FacetRow extends FacetInput {
  readonly id: number
  readonly slug: string
  readonly terms: number
}

/** A term as its screen lists it. */
export interface TermRow extends TermInput {
  readonly id: number
  readonly parentId: number | null
  /** Entries that have it or a term nested under it. */
  readonly entries: number
}

/** A stored file. */
export interface MediaRow extends MediaInput {
  readonly id: number
  readonly hash: string
  readonly kind: MediaKind
  /** MIME type. */
  readonly type: string
  readonly bytes: number
  /** Pixels; 0 for what is no picture. */
  readonly width: number
  readonly height: number
  /** `#rrggbb`, shown until the picture is there. */
  readonly tint: string
  readonly moves: boolean
  /** In how many places it is used. */
  readonly uses: number
}

/** A place in which a file is used. */
export interface MediaUse {
  readonly kind: 'entry' | 'author' | 'term' | 'listing' | 'look' | 'page' | 'site'
  readonly id: number
  readonly name: string
  /** The slug of an entry's collection. */
  readonly collection: string | null
}

/** An entry that is referred to, and what it has to show for itself. */
export interface NamedEntry {
  readonly id: number
  readonly title: string
  readonly summary: string
  readonly pictureId: number | null
}

/** A listing that asks a collection, and a page it stands on. */
export interface CollectionUse {
  readonly listing: string
  readonly page: string
  readonly pageId: number
}

/** How the numbers that a field is narrowed by are spread over the entries that visitors may see. */
export interface FieldSpread {
  readonly least: number
  readonly most: number
  /** Counts of entries in stretches of equal length from the least to the most; none without values. */
  readonly bins: readonly number[]
}
