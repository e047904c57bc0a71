/** States that something styled can be in besides at rest; where several hold, the later ones prevail. */
export const states = ['pointed', 'chosen', 'focused'] as const
export type State = (typeof states)[number]

/** Something that a look can style: a part of a card, a tab, an arrow… */
export interface StyleTarget {
  readonly name: string
  readonly title: string
  /** Finds it within a listing's own box; the class of its name where nothing is said. */
  readonly selector?: string
  /**
   * What is pointed at, and holds the focus, where that is not the target itself: finds it within a
   * listing's own box. The target lies within it, or is it.
   */
  readonly heldBy?: string
  /** What tells that it is chosen, where it can be: added to its selector. */
  readonly chosen?: string
  /** Whether visitors press it. */
  readonly isPressed?: true
}

/** A state in which something is shown that is not in it, by the name of its target. */
export interface ShownState {
  readonly target: string
  readonly state: State
}

/** The states that a target can be in. */
export function statesOf({ chosen }: Pick<StyleTarget, 'chosen'>): readonly State[] {
  return states.filter((state) => state !== 'chosen' || chosen !== undefined)
}

/** Finds a target within a listing's own box. */
export function selectorOf({ name, selector }: Pick<StyleTarget, 'name' | 'selector'>): string {
  return selector ?? `.${name}`
}

/** Finds a target in a state, or at rest for null, within the box that `scope` finds. */
export function selectorIn(scope: string, target: StyleTarget, state: State | null): string {
  const { heldBy, chosen = '' } = target
  const selector = selectorOf(target)
  if (state === null) return `${scope} ${selector}`
  if (state === 'chosen') return `${scope} ${selector}${chosen}`
  const holder = `${scope} ${heldBy ?? selector}`
  const held = state === 'pointed' ? `${holder}:hover` : `${holder}:is(:focus-visible, :has(:focus-visible))`
  return heldBy === undefined || heldBy === selector ? held : `${held} ${selector}`
}
