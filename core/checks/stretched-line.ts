import type { Listing } from '../listing/definition'
import { boxWidthOn } from '../pages/frames/define'
import type { TimelineSettings } from '../shapes/timeline'
import type { Check } from './define'
import { pageWidthFor, mostPageWidth } from './widths'

/** What the room for each on a line may be at most, in CSS pixels. */
const mostRoom = 1000

/** A line to scale whose cards need more room than the time between them gives: it is stretched there. */
export const stretchedLine: Check = {
  name: 'stretched-line',
  title: 'No longer to scale',
  find({ listing: { shape }, box, cards }) {
    if (shape.name !== 'timeline' || shape.lay !== 'lying' || shape.spacing !== 'scale') return []
    const pageWidth = pageWidthFor(box, shape.wideFrom)
    const widest = boxWidthOn(box, mostPageWidth)
    const needed = Math.ceil(widest / shape.atOnce / (shape.sides === 'both' ? 2 : 1))
    if (pageWidth === null || cards.length < 2 || shape.room >= needed) return []
    return [
      {
        text: `Cards take about ${needed} px of the line each, and it has ${shape.room} for each: it is stretched between most of them.`,
        mends: [
          ...(needed <= mostRoom
            ? [
                {
                  title: `Give each ${needed} px`,
                  edit: (before: Listing) => withLine(before, { room: needed }),
                },
              ]
            : []),
          { title: 'Space them evenly', edit: (before) => withLine(before, { spacing: 'even' }) },
        ],
        show: { pageWidth },
      },
    ]
  },
}

function withLine(listing: Listing, change: Partial<TimelineSettings>): Listing {
  const { shape } = listing
  return shape.name === 'timeline' ? { ...listing, shape: { ...shape, ...change } } : listing
}
