/**
 * From a page width on, an area is factor × page width + plus wide. All in CSS pixels; the factor is
 * at least 0 and at most 1.
 */
export interface WidthSegment {
  readonly from: number
  readonly factor: number
  readonly plus: number
}

/** A named place of a frame. */
export interface Area {
  readonly name: string
  readonly title: string
  /** Whether it holds what stands beside the main thing. */
  readonly isAside?: true
  /** Rising by `from`; the first is at 0. */
  readonly widths: readonly WidthSegment[]
}

/** A row of a frame's plan: the areas beside each other, with the parts of the row that each takes. */
export type PlanRow = readonly (readonly [area: string, parts: number])[]

/** An arrangement of areas. Its styles stand in site/styles/frames and are tested against these. */
export interface Frame<Name extends string = string, AreaName extends string = string> {
  readonly name: Name
  readonly title: string
  /** In page order, as they are read. */
  readonly areas: readonly (Area & { readonly name: AreaName })[]
  /** How it is drawn where there is a choice of frames: from the head of the page to its foot. */
  readonly plan: readonly PlanRow[]
  /** Whether it reaches from one end of the page to the other, however wide that is. */
  readonly isEdgeToEdge?: true
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
      return factor === 0 ? plus : next === undefined ? Infinity : factor * (next - 1) + plus
    }),
  )
}

/** How wide an area is on a page of this width, in CSS pixels; never below 0. */
export function areaWidthAt(area: Area, pageWidth: number): number {
  const segment = area.widths.filter((one) => one.from <= pageWidth).at(-1)
  return segment ? Math.max(0, segment.factor * pageWidth + segment.plus) : 0
}
