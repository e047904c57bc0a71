import type { RulerStop } from '../shapes/define'
import { areaWidthAt, widestOf } from './frames/define'
import type { Area } from './frames/define'

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
 * What the ruler shows for a listing in an area: which stop is in force at each page width between
 * `least` and `most`. A frame may make an area narrower as the page grows, so a stop can come twice.
 */
export function rulerStretches(
  area: Area,
  stops: readonly RulerStop[],
  least: number,
  most: number,
): readonly RulerStretch[] {
  const stretches: RulerStretch[] = []
  for (let width = least; width <= most; width += 1) {
    const stop = stopAt(area, stops, width)
    const last = stretches.at(-1)
    if (last !== undefined && last.stop === stop) continue
    if (last !== undefined) stretches[stretches.length - 1] = { ...last, to: width }
    const grew = last !== undefined && stop === last.stop + 1
    const smooth = areaWidthAt(area, width) - areaWidthAt(area, width - 1) <= 1
    stretches.push({ from: width, to: most, label: stops[stop]?.label ?? '', stop, movable: grew && smooth })
  }
  return stretches
}

/**
 * The narrowest page on which an area is at least as wide as a box, both in CSS pixels; null where it
 * never is.
 */
export function pageWidthFor(area: Area, boxWidth: number): number | null {
  if (widestOf(area) < boxWidth) return null
  // Beyond its last change an area is as wide as it gets, or grows as the page does.
  const { from: last, factor } = area.widths.at(-1) ?? { from: 0, factor: 1 }
  const most = last + (factor === 0 ? 0 : boxWidth / factor + 1000)
  for (let width = 0; width <= most; width += 1) if (areaWidthAt(area, width) >= boxWidth) return width
  return null
}

/** The stop that a drag to a page width means, as a width of the listing's own box. */
export function boxWidthAt(area: Area, pageWidth: number): number {
  return Math.round(areaWidthAt(area, pageWidth))
}

function stopAt(area: Area, stops: readonly RulerStop[], pageWidth: number): number {
  const box = areaWidthAt(area, pageWidth)
  return Math.max(
    0,
    stops.findLastIndex((stop) => stop.from <= box),
  )
}
