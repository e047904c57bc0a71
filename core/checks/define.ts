import type { Card } from '../cards/card'
import type { Listing } from '../listing/definition'
import type { BoxPart } from '../looks/gradient-colours'
import type { Shades } from '../looks/shades'
import type { SiteValues } from '../looks/site-values'
import { merged } from '../looks/styles'
import type { Styles } from '../looks/styles'
import type { Box } from '../pages/frames/define'
import type { Placeholder } from '../pictures/placeholder'

/** The date that a card stands for, as far as checks ask; epoch milliseconds. */
export interface ShownDate {
  readonly startsAt: number
  readonly endsAt: number
  /** The room or line; null for none. */
  readonly track: string | null
  /** Whether its entry is told to end before it begins. */
  readonly endsBefore: boolean
  /** The event that it belongs to and is not within; null for none. */
  readonly outside: string | null
}

/** What a card shows of an entry, as far as checks ask. */
export interface ShownCard {
  readonly entry: number
  readonly title: string
  /** Whether the title was cut by its limit. */
  readonly isCut: boolean
  /** Size of the original in pixels; null for a card that shows no picture or whose entry has none. */
  readonly picture: { readonly width: number; readonly height: number } | null
  /** Words that have to be read. */
  readonly words: number
  /** Null for a card that stands for its entry. */
  readonly date: ShownDate | null
}

/** What was measured of a part of cards that lies over their pictures, the worst of all cards. */
export interface OverPicture extends Shades, BoxPart {}

/** A listing where it stands on the page, with what it shows. */
export interface CheckedListing {
  readonly placement: string
  readonly listing: Listing
  /** What the look that it shares with others sets. */
  readonly followed: Styles
  readonly box: Box
  readonly cards: readonly ShownCard[]
  /** By part, what was measured of what lies over pictures; nothing of what is not there, or not yet. */
  readonly over?: Readonly<Record<string, OverPicture>>
  /** How many choices each of its controls has in sight, in their order; nothing while it is not known. */
  readonly offered?: readonly number[]
  /** How many entries pass, after those skipped; null while it is not known. */
  readonly passing: number | null
}

/** A page with what its listings show, in page order. */
export interface CheckedPage {
  readonly listings: readonly CheckedListing[]
  /**
   * How wide a letter is on the average in the page's own type, in CSS pixels, at the size that is measured;
   * null while it is not.
   */
  readonly letters: { readonly summary: number } | null
  /** What stands for a missing picture where a card doesn't say. */
  readonly placeholder: Placeholder
  /** What looks are made of, and by which set of them pages go. */
  readonly values: SiteValues
}

/** A way to mend what was found. */
export interface Mend {
  readonly title: string
  readonly edit: (listing: Listing) => Listing
}

/** A way to mend how a fitting looks. */
export interface Restyle {
  readonly title: string
  readonly restyle: (styles: Styles) => Styles
}

/** Something a careful designer would notice. */
export interface Finding {
  readonly check: string
  readonly placement: string
  /** What is wrong, where, and what it leads to. */
  readonly text: string
  readonly mends: readonly Mend[]
  /** Of a fitting. */
  readonly restyles?: readonly Restyle[]
  /** What to look at: a width of the page (CSS pixels), an entry, a part of the card. */
  readonly show: { readonly pageWidth?: number; readonly entry?: number; readonly part?: string }
}

/** What a check finds on one listing; the page around it is given, too. */
export interface Check {
  readonly name: string
  readonly title: string
  readonly find: (
    checked: CheckedListing,
    page: CheckedPage,
  ) => readonly Omit<Finding, 'check' | 'placement'>[]
}

/** The parts of a listing's usual card that are on. */
export function partsOn(card: Card): Card['parts'] {
  return card.parts.filter((part) => part.on)
}

/** All that is set of how a listing looks, by its shared look and by itself. */
export function wholeLook({ listing, followed }: Pick<CheckedListing, 'listing' | 'followed'>): Styles {
  return merged(followed, listing.look.own)
}
