import type { RichText } from '../content/rich-text/document'
import type { FittingChoice } from '../fittings'
import type { Styles } from '../looks/styles'
import { newBand } from './bands/definition'
import type { Band } from './bands/definition'
import { frames } from './frames'
import type { AreaName, FrameName } from './frames'
import type { FurnitureName } from './shared-address'

/** What everything that is placed can have around it. */
export interface Surroundings {
  /** Shown above it; empty for none. */
  readonly heading: string
  /** Of the heading's element; 2 where nothing is said. */
  readonly headingLevel?: HeadingLevel
  /** Where the heading leads; nowhere where nothing is said. */
  readonly headingAddress?: string
  /** Names it in addresses of its page, after “#”. */
  readonly anchor?: string
  /** What programs of the site may find it by. */
  readonly classes?: readonly string[]
  /** Words between the heading and it. */
  readonly above?: RichText
  readonly below?: RichText
}

export const headingLevels = [2, 3, 4] as const
export type HeadingLevel = (typeof headingLevels)[number]

/** Where something on the shelf stood, and when it goes back there by itself. */
export interface Parked {
  readonly area: AreaName
  /** The number of the band, and the places in it of the column and of the thing in that, from 0. */
  readonly band: number
  readonly column: number
  readonly at: number
  /** The ISO 8601 day on which it comes back; only by hand where nothing is said. */
  readonly until?: string
}

interface Placed extends Surroundings {
  /** UUID, given by whoever places it. */
  readonly id: string
  /** Of what lies on the shelf: where it stood. */
  readonly parked?: Parked
}

/** A listing at its place on a page. */
export interface PlacedListing extends Placed {
  readonly kind: 'listing'
  /** UUID of the listing. */
  readonly listing: string
}

/** A fitting at its place on a page. */
export interface PlacedFitting extends Placed {
  readonly kind: 'fitting'
  readonly fitting: FittingChoice
  /** How it looks where that is not as the site has it; nothing where nothing is said. */
  readonly styles?: Styles
}

/** What stands at a place on a page. */
export type Placement = PlacedListing | PlacedFitting

/** Where a placement can be: a column of a band, by its place in it, or the shelf. */
export type Spot = 'shelf' | `${number}/${number}`

/** A public page: its words, its frame, and what stands where. */
export interface Page {
  readonly version: 2
  readonly title: string
  readonly introduction: string
  readonly frame: FrameName
  /** Of a shared area, which is kept as a page: the one area that counts. */
  readonly only?: AreaName
  /** The bands in the areas of its frame; each area has one at least. */
  readonly areas: Readonly<Partial<Record<AreaName, readonly Band[]>>>
  /**
   * The shared areas that stand in areas of the page, by their numbers: those have nothing of their own.
   * An area that the frame has not keeps what stood there for when it has it again.
   */
  readonly shared?: Readonly<Partial<Record<AreaName, number>>>
  /** What of the head and the foot of every page it is without: it may have its own. */
  readonly without?: readonly FurnitureName[]
  /** Placements that are off the page, with everything that was set for them. */
  readonly shelf: readonly Placement[]
}

export const pageVersion = 2

/** A page with nothing on it. */
export function newPage(title: string, introduction = '', frame: FrameName = 'main-side'): Page {
  return withEveryArea({ version: pageVersion, title, introduction, frame, areas: {}, shelf: [] })
}

/** The page with a band in each area of its frame, in page order, and with no other areas. */
export function withEveryArea(page: Page): Page {
  let next = nextBandId(page)
  const areas = frames.get(page.frame).areas.map(({ name }) => {
    const bands = page.areas[name] ?? []
    return [name, bands.length === 0 ? [newBand(next++)] : bands] as const
  })
  return { ...page, areas: Object.fromEntries(areas) }
}

/** The number that the next band of a page gets. */
export function nextBandId(page: Pick<Page, 'areas'>): number {
  const ids = Object.values(page.areas).flatMap((bands) => bands.map((band) => band.id))
  return Math.max(0, ...ids) + 1
}
