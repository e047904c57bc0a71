import type { Check } from './define'
import { partsOn } from './define'

/** Cards that show a picture, and entries that have none. */
export const missingPictures: Check = {
  name: 'missing-pictures',
  title: 'Picture missing',
  find({ listing, cards }, { placeholder }) {
    if (
      !partsOn(listing.card).some(
        (part) =>
          part.part === 'picture' && part.only === undefined && (part.placeholder ?? placeholder) !== 'none',
      )
    )
      return []
    const without = cards.filter((card) => card.picture === null)
    const first = without[0]
    if (first === undefined) return []
    return [
      {
        text:
          without.length === 1
            ? `“${first.title}” has no picture; a placeholder stands for it.`
            : `“${first.title}” and ${without.length - 1} more have no picture; placeholders stand for them.`,
        mends: [
          {
            title: 'Only with a picture',
            edit: (before) => ({
              ...before,
              from: {
                ...before.from,
                rules: [...before.from.rules, { rule: 'flag', flag: 'picture', is: true }],
              },
            }),
          },
        ],
        show: { entry: first.entry },
      },
    ]
  },
}
