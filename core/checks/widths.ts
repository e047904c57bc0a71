import { boxWidthOn } from '../pages/frames/define'
import type { Box } from '../pages/frames/define'

/** The widths of pages that are looked at, in CSS pixels: those of the ruler. */
export const leastPageWidth = 320
export const mostPageWidth = 1600

const step = 10

/** Page widths that are looked at, rising. */
export const pageWidths: readonly number[] = Array.from(
  { length: (mostPageWidth - leastPageWidth) / step + 1 },
  (_, at) => leastPageWidth + at * step,
)

/**
 * The least page width at which a box is at least so wide and below `end`; null where
 * it never is.
 */
export function pageWidthFor(box: Box, from: number, end = Infinity): number | null {
  return pageWidths.find((width) => boxWidthOn(box, width) >= from && boxWidthOn(box, width) < end) ?? null
}
