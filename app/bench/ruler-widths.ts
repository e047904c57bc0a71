/** The widths of the page that the ruler goes from and to, in CSS pixels. */
export const leastWidth = 320
export const mostWidth = 1600

/** How far along the ruler a width of the page lies, from 0 to 1. */
export function placeOf(pageWidth: number): number {
  return (pageWidth - leastWidth) / (mostWidth - leastWidth)
}
