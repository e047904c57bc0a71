import type { Placed } from './define'

/**
 * Each card goes into the column that is shortest so far, the first of equals. That is list
 * scheduling: never taller than (2 − 1/m) times the best there is (R. L. Graham, 1969, Bounds on
 * multiprocessing timing anomalies, SIAM Journal on Applied Mathematics 17: 416–429). The order is
 * kept in this sense: no card begins above one that comes before it.
 */
export function masonryPlaces(heights: readonly number[], width: number, columns: number, columnGap: number, rowGap: number): readonly Placed[] {
  const cardWidth = (width - (columns - 1) * columnGap) / columns
  const ends = Array.from({ length: columns }, () => 0)
  return heights.map((height) => {
    const top = Math.min(...ends)
    const column = ends.indexOf(top)
    ends[column] = top + height + rowGap
    return { left: column * (cardWidth + columnGap), top, width: cardWidth, height }
  })
}
