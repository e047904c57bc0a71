/**
 * From a page width on, a box is factor × page width + plus wide. All in CSS pixels; the factor is
 * at least 0 and at most 1.
 */
export interface WidthSegment {
  readonly from: number
  readonly factor: number
  readonly plus: number
}

/** Something on a page that is as wide as the page lets it be. */
export interface Box {
  /** Rising by `from`; the first is at 0. */
  readonly widths: readonly WidthSegment[]
}

/** A named place of a frame. */
export interface Area extends Box {
  readonly name: string
  readonly title: string
  /** Whether it holds what stands beside the main thing. */
  readonly isAside?: true
  /** Whether nothing stands beside it, so that a band of it can reach from edge to edge of the page. */
  readonly isAcross?: true
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

/** How wide a box gets on the widest of pages, in CSS pixels; Infinity where it grows with the page. */
export function widestOf(box: Box): number {
  return Math.max(
    ...box.widths.map(({ factor, plus }, at) => {
      const next = box.widths[at + 1]?.from
      return factor === 0 ? plus : next === undefined ? Infinity : factor * (next - 1) + plus
    }),
  )
}

/** How wide a box is on a page of this width, in CSS pixels; never below 0. */
export function boxWidthOn(box: Box, pageWidth: number): number {
  const segment = box.widths.filter((one) => one.from <= pageWidth).at(-1)
  return segment ? Math.max(0, segment.factor * pageWidth + segment.plus) : 0
}

/** How wide a box is on a page of that width, and on the widest, in CSS pixels. */
export function boxWidthsOn(box: Box, pageWidth: number): { readonly now: number; readonly widest: number } {
  return { now: boxWidthOn(box, pageWidth), widest: widestOf(box) }
}
