import type { StyleTarget } from '../style/targets'
import { cardPlaces, partsIn } from './card-edits'
import type { CardPlace } from './card-edits'
import type { Card } from './card'
import { parts } from './parts'
import { cardTargets, partTargets } from './targets'

/** What a look can style of a card by where it is on it, besides the card itself: each thing once. */
export type DrawnCard = Readonly<Record<CardPlace, readonly StyleTarget[]>>

/** What is styled as one of a place, by its name. */
const wholes: Partial<Record<CardPlace, string>> = {
  over: 'card-over',
  below: 'card-below',
  foot: 'card-foot',
}

/** What can be styled of the cards of a listing; a part that two of them carry stands where it does first. */
export function drawnCard(...cards: readonly Pick<Card, 'parts' | 'other'>[]): DrawnCard {
  const carried = cards
    .flatMap(({ parts: usual, other }) => [...usual, ...(other?.parts ?? [])])
    .filter(({ on }) => on)
  const firsts = carried.filter(({ part }, at) => carried.findIndex((one) => one.part === part) === at)
  return Object.fromEntries(
    cardPlaces.map((place) => [
      place,
      [
        ...cardTargets.filter(({ name }) => name === wholes[place]),
        ...partsIn(firsts, place).flatMap(({ part }) => partTargets(parts.get(part))),
      ],
    ]),
  ) as unknown as DrawnCard
}
