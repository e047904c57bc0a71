import type { Picture } from '../pictures/picture'

/** What a card can tell of an entry. */
export interface CardEntry {
  readonly id: number
  readonly title: string
  readonly summary: string
  /** Address of the entry's own page. */
  readonly address: string
  /** Epoch milliseconds. */
  readonly publishedAt: number
  readonly author: string | null
  readonly picture: Picture | null
  /** The entry's own terms, without their ancestors. */
  readonly terms: readonly { readonly facetId: number; readonly name: string }[]
}

/** What a card needs to know of the place it stands in. */
export interface CardContext {
  readonly locale: string
  readonly zone: string
  /** `sizes` of the card's full width. */
  readonly sizes: string
}
