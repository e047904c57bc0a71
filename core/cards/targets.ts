import type { StyleTarget } from '../style/targets'
import { parts } from './parts'
import type { AnyPartKind } from './parts'

export const cardTarget: StyleTarget = { name: 'card', title: 'Card' }

/** What a look can style of every card, besides its parts. */
export const cardTargets: readonly StyleTarget[] = [
  cardTarget,
  {
    name: 'card-over',
    title: 'Ground of what lies over the picture',
    heldBy: '.card',
  },
  {
    name: 'card-below',
    title: 'Text of the card',
    selector: ':is(.card-below, .card-beside)',
    heldBy: '.card',
  },
  { name: 'card-foot', title: 'Foot of the card', heldBy: '.card' },
]

/** Cards, and the rows of a table that stand for them. */
const cardBox = ':is(.card, tr[data-entry])'

/** What a look can style of a part. */
export function partTargets({
  name,
  title,
  styled,
  alsoStyled = {},
  isHeldItself,
}: AnyPartKind): readonly StyleTarget[] {
  const held = isHeldItself === true ? ({ isPressed: true } as const) : { heldBy: cardBox }
  const within = `.part[data-part="${name}"]`
  return [
    { name, title, selector: `${within} ${styled}`, ...held },
    ...Object.entries(alsoStyled).map(([more, other]) => ({
      name: `${name}-${more}`,
      title: other.title,
      selector: `${within} ${other.selector}`,
      ...held,
    })),
  ]
}

/** The same of every part, in their order. */
export const allPartTargets: readonly StyleTarget[] = parts.all.flatMap(partTargets)
