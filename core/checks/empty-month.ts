import type { Listing } from '../listing/definition'
import type { Check } from './define'

/** A month with so few things on it is mostly empty days. */
const few = 3

/** A calendar of days with hardly anything on them. */
export const emptyMonth: Check = {
  name: 'empty-month',
  title: 'Mostly empty days',
  find({ listing: { shape }, cards }) {
    if (shape.name !== 'calendar' || shape.views[0] !== 'month' || cards.length > few) return []
    const things = ['nothing', 'one thing', 'two things', 'three things'][cards.length] ?? ''
    return [
      {
        text: `This month has ${things} on it: visitors see mostly empty days first.`,
        mends: [{ title: 'Begin with the list', edit: withListFirst }],
        show: {},
      },
    ]
  },
}

function withListFirst(listing: Listing): Listing {
  const { shape } = listing
  if (shape.name !== 'calendar') return listing
  return {
    ...listing,
    shape: { ...shape, views: ['agenda', ...shape.views.filter((view) => view !== 'agenda')] },
  }
}
