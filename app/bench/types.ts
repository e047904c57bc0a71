import type { Listing } from '~~/core/listing/definition'
import type { Page } from '~~/core/pages/definition'

/** What the server answers about a page in work. */
export interface EditedPage {
  readonly id: number
  readonly path: string
  readonly version: number
  readonly page: Page
  readonly listings: readonly { readonly id: string; readonly version: number; readonly definition: Listing }[]
  readonly savedAt: number
  readonly savedBy: string | null
  readonly publishedAt: number | null
  readonly changed: boolean
}

export interface Preview {
  readonly placements: readonly { readonly id: string; readonly html: string; readonly css: string }[]
  readonly counts: Readonly<Record<string, readonly number[]>>
  /** The whole document, where more than the listings changed. */
  readonly document: string | null
}

/** How the draft stands with the server. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'overtaken' | 'refused'
