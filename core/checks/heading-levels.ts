import { withPart } from '../cards/card-edits'
import { shapeOf } from '../shapes'
import type { Check } from './define'

/** Headings that leave a level out. The listing's own is h2; names of groups are h3. */
export const headingLevels: Check = {
  name: 'heading-levels',
  title: 'Heading level left out',
  find({ listing, cards }) {
    const title = listing.card.parts.find((part) => part.part === 'title' && part.on)
    if (title?.part !== 'title' || title.level === 0 || cards.length === 0) return []
    const grouping = shapeOf(listing.shape).grouping?.(listing.shape) ?? null
    const above = grouping !== null && grouping.by !== 'entry' ? 3 : 2
    if (title.level <= above + 1) return []
    return [
      {
        text: `Headings go from h${above} to h${title.level}. Who listens to the page takes the level between for something missing.`,
        mends: [
          {
            title: `Make titles h${above + 1}`,
            edit: (before) => ({
              ...before,
              card: { ...before.card, parts: withPart(before.card.parts, { ...title, level: above + 1 }) },
            }),
          },
        ],
        show: { part: 'title' },
      },
    ]
  },
}
