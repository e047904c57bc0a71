import type { Check } from './define'

/** Something that belongs to an event, on while that is not. */
export const outsideEvent: Check = {
  name: 'outside-event',
  title: 'Outside its event',
  find({ cards }) {
    const outside = cards.filter((card) => (card.date?.outside ?? null) !== null)
    const [first] = outside
    if (first === undefined) return []
    const more = outside.length === 1 ? '' : ` So it is with ${outside.length - 1} more.`
    return [
      {
        text: `“${first.title}” belongs to “${first.date?.outside ?? ''}”, and is on while that is not.${more}`,
        mends: [],
        show: { entry: first.entry },
      },
    ]
  },
}
