import type { Trx } from '../db/client'

/**
 * Work on more entries than one short transaction can hold. It goes step by step, each in a
 * transaction of its own together with how far it has come by then, so that other writers hardly
 * wait, and a server that ends in between leaves nothing half done: another goes on where it was.
 */
export interface LongWork<Detail, State> {
  readonly kind: string
  /** Where it begins. */
  readonly start: State
  /** Does the next piece; gives how far it is then, or null when all is done. */
  readonly step: (trx: Trx, detail: Detail, state: State) => Promise<State | null>
}

/** So many entries a step handles: what takes less than half a second. */
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
