import { belowWidth, rule, whereMedia } from '../style/rules'
import type { MediaRule, Style, StyleRule, WidthRule } from '../style/rules'
import { selectorIn, statesOf } from '../style/targets'
import type { StyleTarget } from '../style/targets'
import { properties } from './properties'
import type { PropertyName, StyleValues } from './properties'
import type { Declarations } from './properties/define'
import { inOrder } from './styles'
import type { Styles, Styling } from './styles'

/**
 * Styles as rules for the box that `scope` finds, target by target; `box` is that whose widths they go by. All have the same weight, none at all,
 * so that the order alone decides: what prevails comes later. The same styles give the same rules,
 * in whatever order they are stated.
 */
export function compiled(
  styles: Styles,
  targets: readonly StyleTarget[],
  scope: string,
  box?: WidthRule['box'],
): readonly Style[] {
  return targets.flatMap((target) =>
    inOrder(styles.filter((one) => one.target === target.name)).flatMap((one) =>
      one.state === null || statesOf(target).includes(one.state) ? rulesOf(one, target, scope, box) : [],
    ),
  )
}

const everywhere = [undefined, 'can point', 'likes motion'] as const

function rulesOf(
  styling: Styling,
  target: StyleTarget,
  scope: string,
  box: WidthRule['box'],
): readonly Style[] {
  return everywhere.flatMap((media) => {
    const rules = rulesFor(styling, target, scope, media)
    if (rules.length === 0) return []
    const within = styling.below === null ? rules : belowWidth(styling.below, rules, box)
    return media === undefined ? within : whereMedia(media, within as MediaRule['rules'])
  })
}

/** The rules for those whom some properties are for. */
function rulesFor(
  { state, set }: Styling,
  target: StyleTarget,
  scope: string,
  media: MediaRule['media'] | undefined,
): readonly StyleRule[] {
  const stated = properties.all.filter((one) => one.media === media && set[one.name] !== undefined)
  const own = stated.filter((one) => one.whileHeld === undefined || state === null)
  const whileHeld = own.map((one) => one.whileHeld?.(valueOf(set, one.name)) ?? {})
  return [
    { as: state, set: together(own.map((one) => one.css(valueOf(set, one.name)))) },
    ...(['pointed', 'focused'] as const).map((as) => ({ as, set: together(whileHeld) })),
  ].flatMap(({ as, set: declared }) =>
    Object.keys(declared).length === 0 ? [] : [rule(`:where(${selectorIn(scope, target, as)})`, declared)],
  )
}

/** Each property takes the values of its own, which its schema has checked. */
function valueOf(set: StyleValues, name: PropertyName): never {
  return set[name] as never
}

function together(all: readonly Declarations[]): Declarations {
  return Object.fromEntries(all.flatMap((one) => Object.entries(one)))
}
