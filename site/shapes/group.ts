import type { GroupView, PlacedListingView } from '../view'
import { words } from '../words'

/** What a group is called. */
export function nameOf(group: GroupView): string {
  return group.name ?? words.others
}

/** The width from which a group has a card that is shown, in pixels; undefined for any. */
export function fromOf(group: GroupView): number | undefined {
  return Math.min(...group.cards.map((card) => card.from)) || undefined
}

/** The id of a group's section: the same each time the page is made, so that an open page knows it again. */
export function sectionId(placement: PlacedListingView, group: GroupView): string {
  return `${placement.id}-${encodeURIComponent(group.key)}`
}
