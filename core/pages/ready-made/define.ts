import type { CollectionSummary } from '../../content/catalogue'
import type { CollectionKind } from '../../content/collection'
import type { FittingChoice } from '../../fittings'
import type { Listing } from '../../listing/definition'
import { newBand } from '../bands/definition'
import type { Band, BandSettings, Column } from '../bands/definition'
import type { PlacedFitting, PlacedListing, Placement } from '../definition'
import type { AreaName, FrameName } from '../frames'

/** What a site has that a page can be made of. */
export interface Ingredients {
  /** The collection that the page is mostly about. */
  readonly main: CollectionSummary
  readonly collections: readonly CollectionSummary[]
  /** Gives a UUID that nothing has yet. */
  readonly nextId: () => string
}

/** A page to begin with, that fills itself with what a site has. */
export interface ReadyMadePage {
  readonly name: string
  readonly title: string
  /** What it is for and what it shows, in one sentence. */
  readonly about: string
  readonly frame: FrameName
  /** What entries of its main collection are, the best first; empty where any will do. */
  readonly kinds: readonly CollectionKind[]
  readonly areas: (made: Kit) => Readonly<Partial<Record<AreaName, readonly Band[]>>>
}

/** Puts things on a page that is being made, and remembers the listings. */
export class Kit {
  readonly listings = new Map<string, Listing>()
  readonly main: CollectionSummary
  private bands = 0

  constructor(private readonly has: Ingredients) {
    this.main = has.main
  }

  /** The first collection whose entries are of one of these kinds, the first kind first. */
  of(...kinds: readonly CollectionKind[]): CollectionSummary | undefined {
    return kinds.flatMap((kind) => this.has.collections.filter((one) => one.kind === kind))[0]
  }

  /** The collections besides the main one, so many at most. */
  others(most: number): readonly CollectionSummary[] {
    return this.has.collections.filter((one) => one.id !== this.main.id).slice(0, most)
  }

  listing(listing: Listing, heading = ''): PlacedListing {
    const id = this.has.nextId()
    this.listings.set(id, listing)
    return { kind: 'listing', id: this.has.nextId(), listing: id, heading }
  }

  fitting(fitting: FittingChoice, heading = ''): PlacedFitting {
    return { kind: 'fitting', id: this.has.nextId(), heading, fitting }
  }

  /** A band of one column. */
  band(placements: readonly Placement[], settings: Partial<BandSettings> = {}): Band {
    return this.columns([{ parts: 1, placements }], settings)
  }

  columns(columns: readonly Column[], settings: Partial<BandSettings> = {}): Band {
    this.bands += 1
    return { ...newBand(this.bands), ...settings, columns }
  }
}
