import type { Placement } from '../definition'

export const bandReaches = ['contained', 'background', 'whole'] as const
/**
 * How far a band reaches: as its area does; with its background from one edge of the page to the
 * other; or with all that stands in it. The latter two only in areas that nothing stands beside.
 */
export type BandReach = (typeof bandReaches)[number]

export const pageRanges = ['narrow', 'medium', 'wide'] as const
/** Pages as wide as a phone, a tablet or a desk allows. */
export type PageRange = (typeof pageRanges)[number]

/** What lies behind a band: a colour, or a picture under a veil of a colour, `veil` per cent strong. */
export type BandBackground =
  | { readonly is: 'none' }
  | { readonly is: 'colour'; readonly colour: string }
  | { readonly is: 'picture'; readonly picture: number; readonly colour: string; readonly veil: number }

/** A part of a band: as many of its parts wide as it says, with what stands in it. */
export interface Column {
  /** 1 to 6. */
  readonly parts: number
  readonly placements: readonly Placement[]
}

export interface BandSettings {
  readonly reach: BandReach
  /** Space within the band above and below what it holds, in CSS pixels, 0 to 240. */
  readonly above: number
  readonly below: number
  readonly background: BandBackground
  /** The widths of the page at which it is not there. */
  readonly hiddenAt: readonly PageRange[]
}

/** A strip across an area. */
export interface Band extends BandSettings {
  /** Its own on the page, from 1. */
  readonly id: number
  /** 1 to 4, as they are read. */
  readonly columns: readonly Column[]
}

export const plainBand: BandSettings = {
  reach: 'contained',
  above: 0,
  below: 0,
  background: { is: 'none' },
  hiddenAt: [],
}

/** A band of one column with nothing set. */
export function newBand(id: number, placements: readonly Placement[] = []): Band {
  return { id, ...plainBand, columns: [{ parts: 1, placements }] }
}
