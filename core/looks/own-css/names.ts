import { selectorIn, statesOf } from '../../style/targets'
import type { StyleTarget } from '../../style/targets'

/** A name that own CSS calls something of a listing by, as custom selectors are (CSS Extensions, 2). */
export interface TargetName {
  /** Without the colon and the hyphens before it: `card`, `card-pointed`. */
  readonly name: string
  readonly title: string
  /** What it stands for, within a listing. */
  readonly selector: string
}

/** The names of all that is to be styled: each thing at rest, and in each state that it can be in. */
export function targetNames(targets: readonly StyleTarget[]): readonly TargetName[] {
  return targets.flatMap((target) =>
    [null, ...statesOf(target)].map((state) => ({
      name: state === null ? target.name : `${target.name}-${state}`,
      title: state === null ? target.title : `${target.title}, ${state}`,
      selector: selectorIn('', target, state).trim(),
    })),
  )
}
