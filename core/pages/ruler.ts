import type { RulerStop } from '../shapes/define'
import { boxWidthOn, widestOf } from './frames/define'
import type { Box } from './frames/define'

/** A stretch of page widths over which a listing looks the same. */
export interface RulerStretch {
  /** Page width at which it begins, in CSS pixels. */
  readonly from: number
  readonly to: number
  readonly label: string
  /** The stop in force: its place in the shape's settings. */
  readonly stop: number
  /** Whether dragging its left end moves that stop; elsewhere the frame makes the change. */
  readonly movable: boolean
}

/**
 * What the ruler shows for a listing in a box: which stop is in force at each page width between
 * `least` and `most`. A frame may make it narrower as the page grows, so a stop can come twice.
 */
export function rulerStretches(
  box: Box,
  stops: readonly RulerStop[],
  least: number,
  most: number,
): readonly RulerStretch[] {
  const stretches: RulerStretch[] = []
  for (let width = least; width <= most; width += 1) {
    const stop = stopAt(box, stops, width)
    const last = stretches.at(-1)
    if (last !== undefined && last.stop === stop) continue
    if (last !== undefined) stretches[stretches.length - 1] = { ...last, to: width }
    const grew = last !== undefined && stop === last.stop + 1
    const smooth = boxWidthOn(box, width) - boxWidthOn(box, width - 1) <= 1
    stretches.push({ from: width, to: most, label: stops[stop]?.label ?? '', stop, movable: grew && smooth })
  }
  return stretches
}

/**
 * The narrowest page on which a box is at least so wide, both in CSS pixels; null where it never is.
 */
export function pageWidthFor(box: Box, boxWidth: number): number | null {
  if (widestOf(box) < boxWidth) return null
  // Beyond its last change a box is as wide as it gets, or grows as the page does.
  const { from: last, factor } = box.widths.at(-1) ?? { from: 0, factor: 1 }
  const most = last + (factor === 0 ? 0 : boxWidth / factor + 1000)
  for (let width = 0; width <= most; width += 1) if (boxWidthOn(box, width) >= boxWidth) return width
  return null
}

/** The stop that a drag to a page width means, as a width of the listing's own box. */
export function boxWidthAt(box: Box, pageWidth: number): number {
  return Math.round(boxWidthOn(box, pageWidth))
}

function stopAt(box: Box, stops: readonly RulerStop[], pageWidth: number): number {
  const width = boxWidthOn(box, pageWidth)
  return Math.max(
    0,
    stops.findLastIndex((stop) => stop.from <= width),
  )
}
