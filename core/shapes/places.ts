import type { Placed } from './define'

/** Space between cards, in CSS pixels. */
export interface Gaps {
  readonly columnGap: number
  readonly rowGap: number
}

/** How wide one of so many columns is in a box. */
export function columnWidth(width: number, columns: number, gap: number): number {
  return (width - (columns - 1) * gap) / columns
}

/** Rows of cards, each row as high as its highest card; `natural` cards keep their own height. */
export function rowsOfCards(
  heights: readonly number[],
  width: number,
  columns: number,
  { columnGap, rowGap }: Gaps,
  natural = false,
): readonly Placed[] {
  const cardWidth = columnWidth(width, columns, columnGap)
  const rows = Array.from({ length: Math.ceil(heights.length / columns) }, (_, row) =>
    heights.slice(row * columns, (row + 1) * columns),
  )
  let top = 0
  return rows.flatMap((row) => {
    const height = Math.max(...row)
    const placed = row.map((own, column) => ({
      left: column * (cardWidth + columnGap),
      top,
      width: cardWidth,
      height: natural ? own : height,
    }))
    top += height + rowGap
    return placed
  })
}

/**
 * Each card goes into the column that is shortest so far, the first of equals. That is list
 * scheduling: never taller than (2 − 1/m) times the best there is (R. L. Graham, 1969, Bounds on
 * multiprocessing timing anomalies, SIAM Journal on Applied Mathematics 17: 416–429). The order is
 * kept in this sense: no card begins above one that comes before it.
 */
export function masonryPlaces(
  heights: readonly number[],
  width: number,
  columns: number,
  { columnGap, rowGap }: Gaps,
): readonly Placed[] {
  const cardWidth = columnWidth(width, columns, columnGap)
  const ends = Array.from({ length: columns }, () => 0)
  return heights.map((height) => {
    const top = Math.min(...ends)
    const column = ends.indexOf(top)
    ends[column] = top + height + rowGap
    return { left: column * (cardWidth + columnGap), top, width: cardWidth, height }
  })
}
