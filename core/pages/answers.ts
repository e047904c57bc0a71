import type { Listing } from '../listing/definition'
import type { ShownCard } from '../checks/define'
import type { ListingCounts } from '../query/answers'
import type { PageSubject } from '../rules/context'
import type { PageChange } from './changes'
import type { Page, Placement } from './definition'
import type { AreaName } from './frames'

/** What the server answers about pages; the bench reads the same types. Instants are epoch milliseconds. */

/** A listing as the bench edits it. `version` is 0 for one that was never saved. */
export interface EditedListing {
  readonly id: string
  readonly version: number
  readonly definition: Listing
  /** Why what is stored can't be read; the definition then shows nothing. */
  readonly trouble?: string
}

/** A page as the bench edits it, with the listings that stand on it or on its shelf. */
export interface EditedPage {
  readonly id: number
  readonly path: string
  /** Where it is shown for each of many things; null where it is a page of its own. */
  readonly subject: SubjectOfPage | null
  readonly version: number
  readonly page: Page
  readonly listings: readonly EditedListing[]
  readonly savedAt: number
  readonly savedBy: string | null
  readonly publishedAt: number | null
  /** When it goes live by the clock, and from when what goes live then is; null for never. */
  readonly planned: { readonly due: number; readonly as: number } | null
  /** Whether the draft differs from what visitors see. */
  readonly changed: boolean
}

/** What a page is shown for, and what it is shown with where nothing else is chosen. */
export interface SubjectOfPage {
  readonly kind: 'entry' | 'month' | 'term' | 'author'
  /** Id of the collection whose entries or months these are, or of the terms' facet; null for authors. */
  readonly of: number | null
  readonly sample: { readonly subject: PageSubject; readonly address: string } | null
}

/** What visitors had of a page from a moment on. */
export interface PageVersion {
  readonly id: number
  readonly publishedAt: number
  readonly publishedBy: string | null
  readonly title: string
  /** Whether visitors had nothing of it before. */
  readonly isFirst: boolean
  readonly changes: readonly PageChange[]
}

/** What a listing was for visitors from a moment on. */
export interface ListingVersion {
  readonly id: number
  readonly publishedAt: number
  readonly publishedBy: string | null
  /** The page that was published with it. */
  readonly page: string
  /** Whether visitors had nothing of it before. */
  readonly isFirst: boolean
  readonly changes: readonly PageChange[]
}

/** Where a listing stands on a page, by the page's draft. */
export interface ListingPlace {
  readonly page: { readonly id: number; readonly title: string }
  readonly placement: string
  /** Whether it lies on the page's shelf. */
  readonly isShelved: boolean
  /** Whether visitors have it on that page. */
  readonly isLive: boolean
  /** Whether only visitors have it there: the page's draft has it no more. */
  readonly isTakenOff: boolean
}

/** A listing of the site, wherever it stands. */
export interface ListingRow extends EditedListing {
  readonly places: readonly ListingPlace[]
  /** Null for what was changed last before that was kept. */
  readonly changedAt: number | null
  readonly changedBy: string | null
  /** Whether its draft differs from what visitors see. */
  readonly changed: boolean
}

/** Something on the shelf of another page; `listing` where it is one. */
export interface ShelvedElsewhere {
  readonly page: { readonly id: number; readonly title: string }
  readonly placement: Placement
  readonly listing: EditedListing | null
}

export interface PageRow {
  readonly id: number
  readonly path: string
  /** Of its draft. */
  readonly version: number
  /** Where visitors see it; for a page of many things its sample's, null where there is none. */
  readonly address: string | null
  readonly title: string
  readonly frame: Page['frame']
  /** Names of the listings that visitors see on it. */
  readonly listings: readonly string[]
  readonly savedAt: number
  readonly publishedAt: number | null
  readonly changed: boolean
}

/** An area that several pages can have. */
export interface SharedAreaRow {
  readonly id: number
  readonly title: string
  readonly area: AreaName
  /** Whether it stands on every page without being chosen. */
  readonly isOnEvery: boolean
  /** The pages that have it, by their drafts or before visitors; `isLive` where visitors see it there. */
  readonly pages: readonly { readonly id: number; readonly title: string; readonly isLive: boolean }[]
  readonly publishedAt: number | null
  readonly changed: boolean
}

/** A page that was deleted, and until when it can be put back. */
export interface DeletedPage {
  readonly id: number
  readonly path: string
  readonly title: string
  readonly deletedAt: number
  readonly until: number
}

/** One placement of the page in the bench: its markup and styles, as visitors would get them. */
export interface PreviewedPlacement {
  readonly id: string
  readonly html: string
  readonly css: string
}

/** Something ready-made with entries in it, as a document of its own. */
export interface Sample {
  readonly name: string
  readonly html: string
}

/** What an edit changes on the page. */
export interface Preview {
  readonly placements: readonly PreviewedPlacement[]
  /** By listing: how many entries its steps and rules let through. */
  readonly counts: Readonly<Record<string, ListingCounts>>
  /** By listing: why it could not be answered, where it could not. */
  readonly troubles: Readonly<Record<string, string>>
  /** By placement, of those that were asked about: what its cards show. */
  readonly shown: Readonly<Record<string, readonly ShownCard[]>>
  /** By placement, of those with controls: how many choices each of these has in sight. */
  readonly offered: Readonly<Record<string, readonly number[]>>
  /** The whole document, where more than the listings changed; then no placements are told apart. */
  readonly document: string | null
}
