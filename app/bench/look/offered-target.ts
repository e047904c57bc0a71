import type { CardPlace } from '~~/core/cards/card-edits'

/** Something that can be styled, as it is offered. */
export interface OfferedTarget {
  readonly value: string
  readonly title: string
  /** Whether the listing sets something of it. */
  readonly styled: boolean
}

/** What can be styled of a card: itself, and what is on it by its place. */
export interface OfferedCard {
  readonly whole: OfferedTarget
  readonly places: Readonly<Record<CardPlace, readonly OfferedTarget[]>>
}
