/** From a page width on, an area is factor × page width + plus wide. All in CSS pixels. */
export interface WidthSegment {
  readonly from: number
  readonly factor: 0 | 1
  readonly plus: number
}

/** A named place of a frame. */
export interface Area {
  readonly name: string
  readonly title: string
  /** Rising by `from`; the first is at 0. */
  readonly widths: readonly WidthSegment[]
}

/** An arrangement of areas. Its styles stand in site/styles/frames and are tested against these. */
export interface Frame<Name extends string = string, AreaName extends string = string> {
  readonly name: Name
  readonly title: string
  readonly areas: readonly (Area & { readonly name: AreaName })[]
}

/** States a frame with its exact names. */
export function defineFrame<const Name extends string, const AreaName extends string>(
  frame: Frame<Name, AreaName>,
): Frame<Name, AreaName> {
  return frame
}

/** How wide an area gets on the widest of pages, in CSS pixels; Infinity where it grows with the page. */
export function widestOf(area: Area): number {
  return Math.max(
    ...area.widths.map(({ factor, plus }, at) => {
      const next = area.widths[at + 1]?.from
      return factor === 0 ? plus : next === undefined ? Infinity : next - 1 + plus
    }),
  )
}

/** How wide an area is on a page of this width, in CSS pixels; never below 0. */
export function areaWidthAt(area: Area, pageWidth: number): number {
  const segment = area.widths.filter((one) => one.from <= pageWidth).at(-1)
  return segment ? Math.max(0, segment.factor * pageWidth + segment.plus) : 0
}
