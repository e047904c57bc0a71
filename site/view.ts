import type { MenuLink } from '../core/menus'
import type { NavigationLink } from '../core/navigation'
import type { CardFrame, FilledPart } from '../core/cards/card'
import type { PartName } from '../core/cards/parts'
import type { FittingChoice } from '../core/fittings'
import type { Band } from '../core/pages/bands/definition'
import type { HeadingLevel } from '../core/pages/definition'
import type { FurnitureName } from '../core/pages/shared-address'
import type { FrameName } from '../core/pages/frames'
import type { AreaName } from '../core/pages/frames'
import type { Amount } from '../core/listing/amount'
import type { Looking } from '../core/listing/look'
import type { OwnCss } from '../core/looks/own-css/own-css'
import type { Styles } from '../core/looks/styles'
import type { ShownPicture } from '../core/pictures/shown'
import type { ShapeChoice } from '../core/shapes'
import type { ToldClock } from '../core/shapes/time-axis'
import type { PagesView, WholeView } from './paging/view'
import type { CompareMark } from './visitors/comparing'
import type { VisitorsView } from './visitors/view'
import type { ShapeArrangements } from '../core/shapes/arrangements'

/** What the renderer shows: plain values, ready for the components of this folder. */

/** Words that were looked for, folded, in the language of the site. */
export interface FoundWords {
  readonly words: readonly string[]
  readonly locale: string
}

export interface CardView {
  readonly entryId: number
  /** Names it among those of a listing: its entry, and the date where it stands for one. */
  readonly row: string
  readonly title: string
  /** Null where cards lead nowhere. */
  readonly address: string | null
  readonly newTab: boolean
  /** The listing's own width from which it is shown, in CSS pixels; 0 for always. */
  readonly from: number
  readonly frame: CardFrame
  /** What was looked for, to be marked; null where nothing was. */
  readonly found: FoundWords | null
  /** What takes its entry into a comparison, or out of it; null where nothing does. */
  readonly compare: CompareMark | null
  /** Where a press on it is told; nothing and null where it is not. */
  readonly told?: string | null
  readonly parts: readonly FilledPart[]
}

/** Cards under one name; null for those that have none. */
export interface GroupView {
  readonly key: string
  readonly name: string | null
  readonly cards: readonly CardView[]
}

/** What stands around something that is placed. */
export interface PlacedView {
  readonly id: string
  /** Shown above it; empty for none. */
  readonly heading: string
  readonly headingLevel: HeadingLevel
  /** Where the heading leads; null for nowhere. */
  readonly headingAddress: string | null
  /** Names it in addresses of its page; null for nothing. */
  readonly anchor: string | null
  /** Classes of the designer’s own, as they stand in markup. */
  readonly classes: readonly string[]
  /** Words around it, made by the core's own writer from a checked document; empty for none. */
  readonly above: string
  readonly below: string
}

export interface PlacedListingView extends PlacedView {
  readonly kind: 'listing'
  readonly name: string
  readonly shape: ShapeChoice
  readonly amount: Amount
  /** What its look is made of: what can be styled of it, and what is, by itself and by a shared look. */
  readonly look: { readonly listing: Looking; readonly shared: Styles; readonly sharedCss: OwnCss }
  /** The ways through a longer listing; null where all of it is shown. */
  readonly pages: PagesView | null
  /** Null where all of what it shows stands at every width. */
  readonly whole: WholeView | null
  /** What its address asked that means nothing here. */
  readonly unknown: readonly string[]
  readonly cards: readonly CardView[]
  /** The parts of the card as a table has them. */
  readonly columns: readonly { readonly key: string; readonly part: PartName; readonly title: string }[]
  /** Of a shape that puts cards together: every card once. */
  readonly groups: readonly GroupView[]
  /** Of a shape that makes more of its entries than their order: what that is, by the shape’s name. */
  readonly arrangement: ShapeArrangements[keyof ShapeArrangements] | null
  /** The clock that it is laid out by; null for that of the site. */
  readonly clock: ToldClock | null
  /** The address of what of it happens, as a calendar to subscribe to; null where the shape shows none. */
  readonly calendar: string | null
  /** Of a shape that is turned like a sheet: what stands before and after each turn in its address. */
  readonly turning: { readonly before: string; readonly after: string } | null
  /** What visitors can do with it; null for nothing. */
  readonly visitors: VisitorsView | null
}

/** A term as a way to its page, with how many entries have it. */
export interface LinkedTerm {
  readonly name: string
  readonly address: string
  readonly count: number
  readonly children: readonly LinkedTerm[]
}

/** What fittings show besides their settings, by their names. */
export interface FittingContents {
  readonly picture: ShownPicture | null
  /** Where the frame is fetched from; null where no code is pasted. */
  readonly code: { readonly address: string } | null
  /** By facet: the terms that are seen at once, and those that fold out. */
  readonly terms: readonly {
    readonly name: string
    readonly first: readonly LinkedTerm[]
    readonly others: readonly LinkedTerm[]
  }[]
  readonly months: readonly {
    readonly year: string
    readonly count: number
    readonly months: readonly LinkedMonth[]
  }[]
  /** A month of it, as a listing would show it; null until its collection is chosen. */
  readonly calendar: PlacedListingView | null
  /** The words that were looked for, where the page tells what was found. */
  readonly search: string
  /** Its links, and the address of the page. */
  readonly menu: { readonly links: readonly MenuLink[]; readonly path: string }
  readonly 'site-name': {
    readonly name: string
    /** Empty for none. */
    readonly tagline: string
    /** Its address; null for none. */
    readonly icon: string | null
    readonly links: readonly MenuLink[]
    /** Of the page. */
    readonly path: string
  }
  /** From the front page to this one, which is the last. */
  readonly breadcrumbs: readonly NavigationLink[]
  /** Null where the page is not that of an entry. */
  readonly entry: CardView | null
  readonly author: ShownAuthor | null
  /** Null where there is none on that side. */
  readonly neighbours: { readonly earlier: NavigationLink | null; readonly later: NavigationLink | null }
}

/** Whoever wrote something. */
export interface ShownAuthor {
  readonly name: string
  readonly about: string
  readonly portrait: ShownPicture | null
  /** Null where nothing of theirs is to be seen. */
  readonly address: string | null
}

/** A month as a way to its page. */
export interface LinkedMonth {
  readonly name: string
  readonly address: string
  readonly count: number
}

export interface PlacedFittingView extends PlacedView {
  readonly kind: 'fitting'
  readonly fitting: FittingChoice
  readonly styles: Styles
  /** That of the fitting's own name; null where it shows nothing but its settings. */
  readonly content: FittingContents[keyof FittingContents]
}

export type PlacementView = PlacedListingView | PlacedFittingView

/** A band with what stands in it, column by column. */
export interface BandView {
  readonly band: Band
  /** What lies behind it; null where that is no picture, or it is not there any more. */
  readonly picture: ShownPicture | null
  readonly columns: readonly (readonly PlacementView[])[]
}

/** An area of a page, with those of its bands in which something stands. */
export interface AreaView {
  readonly name: AreaName
  readonly bands: readonly BandView[]
}

/** What stands at the head or the foot of every page, where somebody set it up. */
export type Furnishing = Pick<ListingPageView, 'frame' | 'areas'>
export type Furniture = Readonly<Record<FurnitureName, Furnishing | null>>

/** The menus at the head and the foot of every page. */
export interface SiteNavigation {
  readonly head: readonly MenuLink[]
  readonly foot: readonly MenuLink[]
}

export interface SiteView {
  readonly name: string
  readonly tagline: string
  readonly locale: string
  /** “ltr” or “rtl”, from the language. */
  readonly direction: 'ltr' | 'rtl'
  readonly navigation: SiteNavigation
  readonly furniture: Furniture
  readonly path: string
  /** Where visitors reach it, as `https://example.org`; empty where that is not known. */
  readonly address: string
  /** The address of its icon; null for that of Bushel. */
  readonly icon: string | null
}

export interface ListingPageView {
  readonly kind: 'listings'
  readonly title: string
  readonly introduction: string
  readonly frame: FrameName
  /** The areas of the frame, in page order. */
  readonly areas: readonly AreaView[]
  /** What of the head and the foot of every page it is without. */
  readonly without: readonly FurnitureName[]
}

/** The page of an entry: what stands around it, or shows it in parts where that is said. */
export interface EntryPageView extends Pick<ListingPageView, 'frame' | 'areas' | 'without'> {
  readonly kind: 'entry'
  readonly title: string
  readonly summary: string
  /** Shown where the address is shared. */
  readonly picture: ShownPicture | null
  /** The whole entry, where nothing on the page shows any of it; null where something does. */
  readonly whole: CardView | null
}

export interface MissingPageView {
  readonly kind: 'missing'
  readonly title: string
  readonly text: string
  /** Whether it can be searched from here: not where nothing can be asked. */
  readonly canSearch: boolean
}

export type PageView = ListingPageView | EntryPageView | MissingPageView

/** A whole document. */
export interface DocumentView {
  readonly site: SiteView
  readonly page: PageView
  /** The name of the listing that it shows and nothing around it; null for a whole page. */
  readonly alone: string | null
  /** Rules made from the page's own settings. */
  readonly css: string
  readonly stylesheet: string
  /** The fonts that are needed at once. */
  readonly fonts: readonly { readonly family: string; readonly address: string }[]
  /** The address of the improving script, or null for none. */
  readonly script: string | null
  /** Whether the script places what is on the page, so that nothing is to be seen before it ran. */
  readonly driven: boolean
  /** The address of what has the fonts come before a script measures the page. */
  readonly fontsFirst: string
  /** What the script needs to hear of changes; null where nothing on the page can change. */
  readonly pageId: number | null
  /** What the server had seen of the site's changes when it made this; null where that is not known. */
  readonly seen: string | null
  /** When it was made, epoch milliseconds. */
  readonly at: number
  /** The entry whose page this is, whose reads are counted; null for none. */
  readonly entryId: number | null
  /** The one address of what is shown, whatever it was asked for with; null where it has none. */
  readonly canonical: string | null
  /** The way from the front page to it, each step with its title; the front page’s is empty. */
  readonly trail: readonly NavigationLink[]
}

/** Everything that stands on a page, in page order. */
export function placementViewsOf({ areas }: Pick<ListingPageView, 'areas'>): readonly PlacementView[] {
  return areas.flatMap((area) => area.bands.flatMap((band) => band.columns.flat()))
}

/** The listings that stand on a page, in page order. */
export function listingViewsOf(page: Pick<ListingPageView, 'areas'>): readonly PlacedListingView[] {
  return placementViewsOf(page).filter((one) => one.kind === 'listing')
}

/** The fittings that stand on a page, in page order. */
export function fittingViewsOf(page: Pick<ListingPageView, 'areas'>): readonly PlacedFittingView[] {
  return placementViewsOf(page).filter((one) => one.kind === 'fitting')
}

/** What a page shows of the entry that it is about, piece by piece. */
export function entryViewsOf(page: Pick<ListingPageView, 'areas'>): readonly CardView[] {
  return placementViewsOf(page).flatMap((one) =>
    one.kind === 'fitting' && one.fitting.name === 'entry' && one.content !== null
      ? [one.content as CardView]
      : [],
  )
}
