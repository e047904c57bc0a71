import type { Check } from './define'

/** An entry that a listing above on the page shows as well. */
export const repeatedEntries: Check = {
  name: 'repeated-entries',
  title: 'The same entry twice',
  find({ placement, listing, cards }, page) {
    const at = page.listings.findIndex((one) => one.placement === placement)
    const above = new Set(page.listings.slice(0, at).flatMap((one) => one.cards.map((card) => card.entry)))
    const repeated = cards.filter((card) => above.has(card.entry))
    const first = repeated[0]
    if (first === undefined || listing.from.leaveOut.includes('shownAbove')) return []
    return [
      {
        text:
          repeated.length === 1
            ? `“${first.title}” is shown above on this page already.`
            : `“${first.title}” and ${repeated.length - 1} more are shown above on this page already.`,
        mends: [
          {
            title: 'No repeats on this page',
            edit: (before) => ({
              ...before,
              from: { ...before.from, leaveOut: [...before.from.leaveOut, 'shownAbove'] },
            }),
          },
        ],
        show: { entry: first.entry },
      },
    ]
  },
}
