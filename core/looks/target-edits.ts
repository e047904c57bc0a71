import type { State } from '../style/targets'
import { withValue } from './styles'
import type { Styles, Styling } from './styles'
import type { PropertyName, StyleValues } from './properties'

/** Where something is set: of a target, in a state, in boxes of some widths. */
export type StylePlace = Omit<Styling, 'set'>

/** What is set of one target, by state and width: what is copied from one to another. */
export type TargetStyles = readonly Omit<Styling, 'target'>[]

/** What is set at a place itself. */
export function setAt(styles: Styles, { target, state, below }: StylePlace): StyleValues {
  return styles.find((one) => one.target === target && one.state === state && one.below === below)?.set ?? {}
}

/** The styles with several properties set to one value at a place, or put back for undefined. */
export function withValues(
  styles: Styles,
  place: StylePlace,
  names: readonly PropertyName[],
  value: unknown,
): Styles {
  return names.reduce((before, name) => withValue(before, place, name, value as never), styles)
}

/** What is set of a target. */
export function stylesOf(styles: Styles, target: string): TargetStyles {
  return styles.filter((one) => one.target === target).map(({ state, below, set }) => ({ state, below, set }))
}

/**
 * The styles with those of a target in place of its own; of states that it can't be in, none are taken.
 * No styles put it back.
 */
export function withStylesOf(
  styles: Styles,
  target: string,
  next: TargetStyles,
  states: readonly State[],
): Styles {
  const fitting = next.filter(({ state }) => state === null || states.includes(state))
  return [...styles.filter((one) => one.target !== target), ...fitting.map((one) => ({ target, ...one }))]
}
