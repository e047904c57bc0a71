import { pixelsOf } from './length-pixels'
import { valueAt } from './styles'
import type { Styles } from './styles'
import type { ScaleStep } from './tokens/site-tokens'

const ends = ['start', 'end'] as const

/**
 * What the borders of things within each other, and the space inside those, take of their width at rest in boxes
 * so wide; all in CSS pixels. What goes by letters or by the box is not told, and takes nothing here.
 */
export function takenWidth(
  styles: Styles,
  targets: readonly string[],
  width: number,
  spaces: readonly ScaleStep[],
): number {
  const seen = { states: [], width }
  return targets
    .flatMap((target) =>
      ends.map((end) => {
        const inside = valueAt(styles, target, `inside-${end}`, seen)
        const border = valueAt(styles, target, `border-${end}`, seen)?.width ?? 0
        return border + (inside === undefined ? 0 : (pixelsOf(inside, spaces) ?? 0))
      }),
    )
    .reduce((sum, one) => sum + one, 0)
}
