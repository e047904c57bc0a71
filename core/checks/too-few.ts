import { takeOf } from '../listing/amount'
import type { Check } from './define'

/** More asked for than there is. */
export const tooFew: Check = {
  name: 'too-few',
  title: 'Fewer than asked for',
  find({ listing, cards, passing }) {
    const { amount } = listing
    // A listing in pages asks for as many as there are.
    if (
      amount.perPage !== null ||
      passing === null ||
      cards.length >= takeOf(amount) ||
      cards.length < passing
    )
      return []
    if (cards.length === 0)
      return [
        {
          text: 'It shows nothing: no entry passes. The tally says which rule leaves none.',
          mends: [],
          show: {},
        },
      ]
    return [
      {
        text: `${amount.take} are asked for, and there are ${cards.length}.`,
        mends: [
          {
            title: `Show ${cards.length}`,
            edit: (before) => ({ ...before, amount: { ...before.amount, take: cards.length } }),
          },
        ],
        show: {},
      },
    ]
  },
}
