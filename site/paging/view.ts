/** How visitors go through a longer listing, as plain values. */

/** A page as a link, by its number. */
export interface NumberedPage {
  readonly number: number
  readonly address: string
  readonly isCurrent: boolean
  /** Where it is told that it was asked for; null where it is not. */
  readonly told: string | null
}

/** What brings more of a listing to what stands. */
export interface MoreView {
  readonly title: string
  readonly address: string
  /** So many stand, of so many. */
  readonly stand: number
  readonly of: number
  /** Whether the script asks for it as it comes into sight. */
  readonly isByItself: boolean
  readonly told: string | null
}

/** The page before or after. */
export interface TurnView {
  readonly title: string
  readonly address: string
  readonly told: string | null
}

/** The ways from a page of a listing to its others. */
export interface PagesView {
  readonly kind: 'turn' | 'numbers' | 'more' | 'endless'
  readonly previous: TurnView | null
  readonly next: TurnView | null
  /** Empty where pages have none; what is left out between them is a gap. */
  readonly numbers: readonly (NumberedPage | 'gap')[]
  /** Null where pages are turned, and where all stands. */
  readonly more: MoreView | null
}

/** What leads to all of a page, where a listing is so narrow that it shows less. */
export interface WholeView {
  readonly address: string
  readonly count: number
  /** In CSS pixels. */
  readonly below: number
}
