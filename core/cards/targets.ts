import type { StyleTarget } from '../style/targets'

/** What a look can style of every card, besides its parts. */
export const cardTargets: readonly StyleTarget[] = [
  { name: 'card', title: 'Card', selector: '.card' },
  {
    name: 'card-over',
    title: 'Ground of what lies over the picture',
    selector: '.card-over',
    heldBy: '.card',
  },
  {
    name: 'card-below',
    title: 'Text of the card',
    selector: ':is(.card-below, .card-beside)',
    heldBy: '.card',
  },
  { name: 'card-foot', title: 'Foot of the card', selector: '.card-foot', heldBy: '.card' },
]
