import type { Check, ShownCard } from './define'

type Placed = ShownCard & { readonly date: NonNullable<ShownCard['date']> & { readonly track: string } }

/** Two things in one room or line at the same time. */
export const twoInARoom: Check = {
  name: 'two-in-a-room',
  title: 'Two in one room at once',
  find({ cards }) {
    const pairs = clashes(cards.filter(isPlaced))
    const [first] = pairs
    if (first === undefined) return []
    const [one, other] = first
    const more =
      pairs.length === 1
        ? ''
        : pairs.length === 2
          ? ' So are two others.'
          : ` So are ${pairs.length - 1} other pairs.`
    return [
      {
        text: `“${one.title}” and “${other.title}” are both in ${one.date.track} at the same time.${more}`,
        mends: [],
        show: { entry: other.entry },
      },
    ]
  },
}

function isPlaced(card: ShownCard): card is Placed {
  return card.date?.track != null
}

/** Pairs that are in one place at once, by when they begin; each with whatever it begins within. */
function clashes(cards: readonly Placed[]): readonly (readonly [Placed, Placed])[] {
  const inOrder = cards.toSorted((a, b) => a.date.startsAt - b.date.startsAt)
  return inOrder.flatMap((other, at) => {
    const before = inOrder
      .slice(0, at)
      .find((one) => one.date.track === other.date.track && one.date.endsAt > other.date.startsAt)
    return before === undefined || before.entry === other.entry ? [] : [[before, other] as const]
  })
}
