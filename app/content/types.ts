import type { EntryState } from '~~/core/content/entry'
import type { EntryInput } from '~~/core/content/entry-input'

export interface CollectionRow {
  readonly id: number
  readonly slug: string
  readonly name: string
  readonly singular: string
  readonly plural: string
  readonly entries: number
}

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

export interface EditedEntry extends EntryInput {
  readonly id: number
  readonly collectionId: number
  readonly version: number
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
