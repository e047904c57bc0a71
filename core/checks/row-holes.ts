import { takeAt } from '../listing/amount'
import type { Listing } from '../listing/definition'
import { shapeOf } from '../shapes'
import type { Check, CheckedListing } from './define'
import { pageWidthFor } from './widths'

/** A last row that is not full at some width that its box can have. */
export const rowHoles: Check = {
  name: 'row-holes',
  title: 'Hole in the last row',
  find({ listing, box, cards, passing }) {
    const reached = columnsReached({ listing, box }).map((one) => ({
      ...one,
      shown: Math.min(cards.length, takeAt(listing.amount, one.from)),
    }))
    const holes = reached
      .map((one) => ({ ...one, hole: holeIn(one.shown, one.columns) }))
      .filter((one) => one.hole > 0)
    const widest = holes.at(-1)
    if (widest === undefined) return []
    const { shown, columns, hole, pageWidth } = widest
    return [
      {
        text: `${shown} entries in rows of ${columns} leave a hole of ${hole} in the last row.`,
        mends: fillingCounts(
          reached.map((one) => one.columns),
          shown,
          passing,
        ).map((count) => ({ title: `Show ${count}`, edit: (before: Listing) => withCount(before, count) })),
        show: { pageWidth },
      },
    ]
  },
}

/** How many columns a listing has at each width of its box that makes a difference, and a page that wide. */
export function columnsReached({ listing, box }: Pick<CheckedListing, 'listing' | 'box'>): readonly {
  readonly from: number
  readonly pageWidth: number
  readonly columns: number
}[] {
  const rows = shapeOf(listing.shape).rows?.(listing.shape) ?? []
  // Between two of these widths neither the columns nor the amount change.
  const edges = [
    ...new Set([...rows.map((row) => row.from), ...listing.amount.stops.map((stop) => stop.below)]),
  ].toSorted((a, b) => a - b)
  return edges.flatMap((from, at) => {
    const pageWidth = pageWidthFor(box, from, edges[at + 1])
    const columns = rows.findLast((row) => row.from <= from)?.columns
    return pageWidth === null || columns === undefined ? [] : [{ from, pageWidth, columns }]
  })
}

/** How many places of the last row stay empty; none where there is but one row. */
export function holeIn(shown: number, columns: number): number {
  return shown > columns ? (columns - (shown % columns)) % columns : 0
}

/** The nearest counts below and above that fill every row at every width, of those that can be shown. */
export function fillingCounts(
  columns: readonly number[],
  shown: number,
  passing: number | null,
): readonly number[] {
  const multiple = columns.reduce(leastCommonMultiple, 1)
  const below = Math.floor(shown / multiple) * multiple
  return [below, below + multiple].filter((count) => count > 0 && count <= Math.min(200, passing ?? 200))
}

function withCount(listing: Listing, count: number): Listing {
  const { amount } = listing
  return {
    ...listing,
    amount:
      amount.perPage === null
        ? { ...amount, take: count, stops: [] }
        : {
            ...amount,
            perPage: count,
            take: amount.take === 'all' ? amount.take : Math.max(amount.take, count),
            stops: [],
          },
  }
}

function leastCommonMultiple(a: number, b: number): number {
  let [x, y] = [a, b]
  while (y > 0) [x, y] = [y, x % y]
  return (a * b) / x
}
