import type { FilledPart } from '../core/cards/parts'
import type { FrameName } from '../core/pages/frames'
import type { AreaName } from '../core/pages/frames'
import type { Picture } from '../core/pictures/picture'
import type { ShapeChoice } from '../core/shapes'

/** What the renderer shows: plain values, ready for the components of this folder. */

export interface CardView {
  readonly entryId: number
  readonly title: string
  readonly address: string
  readonly parts: readonly FilledPart[]
}

export interface PlacementView {
  readonly id: string
  readonly heading: string
  readonly name: string
  readonly shape: ShapeChoice
  readonly cards: readonly CardView[]
}

export interface NavigationLink {
  readonly title: string
  readonly path: string
}

export interface SiteView {
  readonly name: string
  readonly tagline: string
  readonly locale: string
  /** “ltr” or “rtl”, from the language. */
  readonly direction: 'ltr' | 'rtl'
  readonly navigation: readonly NavigationLink[]
  readonly path: string
}

export interface ListingPageView {
  readonly kind: 'listings'
  readonly title: string
  readonly introduction: string
  readonly frame: FrameName
  readonly areas: Readonly<Record<AreaName, readonly PlacementView[]>>
}

export interface EntryPageView {
  readonly kind: 'entry'
  readonly title: string
  readonly summary: string
  readonly paragraphs: readonly string[]
  readonly date: { readonly text: string; readonly instant: string }
  readonly author: string | null
  readonly terms: readonly string[]
  readonly picture: (Picture & { readonly sourceSet: string; readonly source: string; readonly sizes: string }) | null
  readonly collection: NavigationLink
}

export interface MissingPageView {
  readonly kind: 'missing'
  readonly title: string
}

export type PageView = ListingPageView | EntryPageView | MissingPageView

/** A whole document. */
export interface DocumentView {
  readonly site: SiteView
  readonly page: PageView
  /** Rules made from the page's own settings. */
  readonly css: string
  readonly stylesheet: string
  /** The address of the improving script, or null for none. */
  readonly script: string | null
  /** What the script needs to hear of changes; null where nothing on the page can change. */
  readonly pageId: number | null
}
