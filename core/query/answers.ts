/** What the server tells of a listing's question; the bench reads the same types. */

/** How many entries a listing's steps and rules let through. */
export interface ListingCounts {
  /** Left after each step of the plan. */
  readonly steps: readonly number[]
  /** By the path of a rule, `rules[0].rules[2]`: how many that visitors may see pass it alone. */
  readonly alone: Readonly<Record<string, number>>
  /** What listings above it on the page show, where it leaves those out. */
  readonly above: readonly number[]
  /** Picked by hand, or always in, but not there or not to be seen by visitors. */
  readonly gone: readonly {
    readonly id: number
    /** Null where nothing is left of it. */ readonly title: string | null
  }[]
}

/** The next change of an answer by the clock alone. */
export interface NextChange {
  /** Epoch milliseconds. */
  readonly at: number
  /** False where only so much is known: up to then nothing changes. */
  readonly isChange: boolean
  /** Titles of entries that come and go; both empty where only the order changes. */
  readonly comes: readonly string[]
  readonly goes: readonly string[]
}
