import type { WorkKind } from '../../core/works'
import type { Trx } from '../db/client'

/**
 * Work on more entries than one short transaction can hold. It goes step by step, each in a
 * transaction of its own together with how far it has come by then, so that other writers hardly
 * wait, and a server that ends in between leaves nothing half done: another goes on where it was.
 */
export interface LongWork<Detail, State> {
  readonly kind: WorkKind
  /** Where it begins. */
  readonly start: State
  /** How many entries a step handles, at most. */
  readonly atOnce: number
  /** What it is done to, by name, and about how many entries it has to handle in all. */
  readonly about: (trx: Trx, detail: Detail) => Promise<WorkExtent>
  /** Does the next piece; gives how far it is then, or null when all is done. */
  readonly step: (trx: Trx, detail: Detail, state: State) => Promise<State | null>
  /** Ends it where it is. Left out where that would leave something half done. */
  readonly stop?: (trx: Trx, detail: Detail) => Promise<void>
}

export interface WorkExtent {
  readonly subject: string
  readonly size: number
}

/** So many entries a step handles where nothing else is said: what takes less than half a second. */
export const stepSize = 1000

/** How far work has come that goes through entries by their id. */
export interface Progress {
  readonly after: number
}

export const atStart: Progress = { after: 0 }

/** The progress after a step that handled these ids, which rise; null where there were none. */
export function progressAfter(ids: readonly number[]): Progress | null {
  const last = ids.at(-1)
  return last === undefined ? null : { after: last }
}
