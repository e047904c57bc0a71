import type { DrawnCard } from '~~/core/cards/drawn-card'
import type { StyleTarget } from '~~/core/style/targets'

/** What can be styled of something that is placed, as it is laid out to be chosen from. */
export interface DrawnTargets {
  /** Its cards, drawn with what they carry in its place; null for what has none. */
  readonly card: { readonly whole: StyleTarget; readonly places: DrawnCard } | null
  /** What is of itself. */
  readonly itself: readonly StyleTarget[]
}
