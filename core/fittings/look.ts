import { compiled } from '../looks/compile'
import { shownIn } from '../looks/styles'
import type { Styles } from '../looks/styles'
import { aroundTargets } from '../style/around-targets'
import { layerCss } from '../style/rules'
import type { ShownState, StyleTarget } from '../style/targets'
import { fittings } from '.'
import type { FittingChoice } from '.'

/** The box of every fitting, which holds all that it shows. */
const boxTarget: StyleTarget = { name: 'fitting', title: 'Its box' }

/** The widths of a page at which the site lays out anew what stands on it, in CSS pixels. */
export const pageStops = [1000, 640] as const

/** What can be styled of a fitting as it is set, in the order in which it is listed. */
export function fittingTargets(choice: FittingChoice): readonly StyleTarget[] {
  const { styled, alsoStyled } = fittings.get(choice.name)
  return [...styled, ...(alsoStyled?.(choice) ?? []), boxTarget, ...aroundTargets]
}

/**
 * The style sheet of a fitting, for the placement that `scope` finds; something of it as in a state. Widths
 * are those of the page: a fitting has no stops of its own.
 */
export function fittingCss(
  choice: FittingChoice,
  styles: Styles,
  scope: string,
  as: ShownState | null = null,
): string {
  const shown = as === null ? styles : shownIn(styles, as)
  return layerCss('listing', compiled(shown, fittingTargets(choice), scope, 'site'))
}
