import type { ShownPicture } from '../../core/pictures/shown'
import type { Way } from './view'

/** What on a card takes its entry into a comparison, or out of it. */
export interface CompareMark extends Way {
  readonly isChosen: boolean
  /** Where a press on it is told; null where it is not. */
  readonly told: string | null
}

/** An entry at the head of a comparison. */
export interface ComparedHead {
  readonly title: string
  /** Of its own page. */
  readonly address: string
  readonly picture: ShownPicture | null
  /** Takes it out of the comparison. */
  readonly off: string
}

/** Entries side by side. */
export interface ComparisonView {
  readonly heads: readonly ComparedHead[]
  readonly rows: readonly {
    readonly title: string
    readonly values: readonly string[]
    readonly differs: boolean
  }[]
  /** Whether only that is shown in which they differ. */
  readonly isOnly: boolean
  /** The address at which all is shown, or only that. */
  readonly other: string
  /** Back to the listing. */
  readonly back: string
}
