/** Something that can be styled, as it is offered. */
export interface OfferedTarget {
  readonly value: string
  readonly title: string
  /** Whether something of it is set. */
  readonly styled: boolean
}
