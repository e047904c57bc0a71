import type { Listing } from '../listing/definition'
import type { Control } from '../visitors'
import type { Check } from './define'
import { columnsReached, fillingCounts, holeIn } from './row-holes'

/** Amounts that visitors can choose and that leave the last row of a page with holes at some width. */
export const unevenAmounts: Check = {
  name: 'uneven-amounts',
  title: 'Amounts that fill no rows',
  find({ listing, box, passing }) {
    const control = listing.visitors.controls.find((one) => one.control === 'amount')
    const reached = columnsReached({ listing, box })
    return (control?.amounts ?? []).flatMap((amount) => {
      // What is shown whole ends where it ends.
      const widest = reached.findLast(({ columns }) => holeIn(amount, columns) > 0)
      if (widest === undefined || passing === null || passing <= amount) return []
      const { columns, pageWidth } = widest
      return [
        {
          text: `${amount} at once, as visitors can choose, leave a hole of ${holeIn(amount, columns)} in rows of ${columns}.`,
          mends: fillingCounts(
            reached.map((one) => one.columns),
            amount,
            null,
          ).map((count) => ({
            title: `Offer ${count}`,
            edit: (before) => withAmount(before, amount, count),
          })),
          show: { pageWidth },
        },
      ]
    })
  },
}

/** The same with another amount in place of one; amounts rise, each once. */
function withAmount(listing: Listing, amount: number, other: number): Listing {
  const changed = (one: Control): Control =>
    one.control === 'amount'
      ? {
          ...one,
          amounts: [...new Set(one.amounts.map((each) => (each === amount ? other : each)))].toSorted(
            (a, b) => a - b,
          ),
        }
      : one
  return {
    ...listing,
    visitors: { ...listing.visitors, controls: listing.visitors.controls.map(changed) },
  }
}
