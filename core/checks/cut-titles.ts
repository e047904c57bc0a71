import { withPart } from '../cards/card-edits'
import type { Check } from './define'

/** Titles cut by the card's own limit. */
export const cutTitles: Check = {
  name: 'cut-titles',
  title: 'Title cut',
  find({ listing, cards }) {
    const title = listing.card.parts.find((part) => part.part === 'title')
    const cut = cards.filter((card) => card.isCut)
    const first = cut[0]
    if (title?.part !== 'title' || first === undefined) return []
    return [
      {
        text:
          cut.length === 1
            ? `“${first.title}” is cut after ${title.words ?? 0} words.`
            : `“${first.title}” and ${cut.length - 1} more titles are cut after ${title.words ?? 0} words.`,
        mends: [
          {
            title: 'Show whole titles',
            edit: (before) => ({
              ...before,
              card: { ...before.card, parts: withPart(before.card.parts, { ...title, words: undefined }) },
            }),
          },
        ],
        show: { entry: first.entry, part: 'title' },
      },
    ]
  },
}
