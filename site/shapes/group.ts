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

/** A tab of a bar of tabs, and the section that it opens. */
export interface Tab {
  readonly section: string
  readonly name: string
  /** The width from which there is something to see, in pixels; undefined for any. */
  readonly from?: number
  /** Until when it is the one to open first, epoch milliseconds. */
  readonly until?: number
}

/** A tab for each group. */
export function tabsOf(placement: PlacedListingView): readonly Tab[] {
  return placement.groups.map((group) => {
    const from = fromOf(group)
    const tab = { section: sectionId(placement, group), name: nameOf(group) }
    return from === undefined ? tab : { ...tab, from }
  })
}

/** What a bar of tabs is called. */
export function labelOf({ heading, name }: PlacedListingView): string {
  return heading || name
}

/** The id of a group's section: the same each time the page is made, so that an open page knows it again. */
export function sectionId(placement: PlacedListingView, group: GroupView): string {
  return `${placement.id}-${encodeURIComponent(group.key)}`
}
