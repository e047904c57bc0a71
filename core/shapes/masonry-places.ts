import type { Placed } from './define'

/** Columns that are being filled: how far down each is, in CSS pixels. */
export interface MasonryColumns {
  readonly ends: readonly number[]
  readonly cardWidth: number
  readonly columnGap: number
  readonly rowGap: number
}

/** Empty columns in a box of this width. */
export function masonryColumns(width: number, columns: number, columnGap: number, rowGap: number): MasonryColumns {
  return { ends: Array.from({ length: columns }, () => 0), cardWidth: (width - (columns - 1) * columnGap) / columns, columnGap, rowGap }
}

/**
 * Each card goes into the column that is shortest so far, the first of equals. That is list
 * scheduling: never taller than (2 − 1/m) times the best there is (R. L. Graham, 1969, Bounds on
 * multiprocessing timing anomalies, SIAM Journal on Applied Mathematics 17: 416–429). The order is
 * kept in this sense: no card begins above one that comes before it.
 *
 * Places cards of these heights into columns that hold others already, so that many cards can be
 * placed a few at a time.
 */
export function placedInto(before: MasonryColumns, heights: readonly number[]): { readonly places: readonly Placed[]; readonly columns: MasonryColumns } {
  const { cardWidth, columnGap, rowGap } = before
  const ends = [...before.ends]
  const places = heights.map((height) => {
    const top = Math.min(...ends)
    const column = ends.indexOf(top)
    ends[column] = top + height + rowGap
    return { left: column * (cardWidth + columnGap), top, width: cardWidth, height }
  })
  return { places, columns: { ...before, ends } }
}

/** Where all cards of a masonry lie. */
export function masonryPlaces(heights: readonly number[], width: number, columns: number, columnGap: number, rowGap: number): readonly Placed[] {
  return placedInto(masonryColumns(width, columns, columnGap, rowGap), heights).places
}
