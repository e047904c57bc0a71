import type { WidthSegment } from './define'

/** Page widths from which the space at both ends of a page is another, and what it takes, in CSS pixels. */
const ends = [
  { from: 0, plus: -40 },
  { from: 640, plus: -64 },
  { from: 1000, plus: -112 },
] as const
/** The page width from which its contents grow no wider, and how wide they are then, in CSS pixels. */
const [full, widest] = [1280, 1168]
/** The page width from which areas stand beside each other, in CSS pixels. */
export const besideFrom = 1000

/** As wide as the contents of a page; site/styles/base.css has the same. */
export const wholeWidth: readonly WidthSegment[] = [
  ...ends.map(({ from, plus }) => ({ from, factor: 1, plus })),
  { from: full, factor: 0, plus: widest },
]

/** As wide as the page, save the space at its ends. */
export const edgeToEdge: readonly WidthSegment[] = ends.map(({ from, plus }) => ({ from, factor: 1, plus }))

/** Where areas stand beside each other, what others and the gaps leave; as wide as all above and below. */
export function leftBeside(taken: number): readonly WidthSegment[] {
  return wholeWidth.map((segment) =>
    segment.from < besideFrom ? segment : { ...segment, plus: segment.plus - taken },
  )
}

/** Where areas stand beside each other, a width of its own. */
export function fixedBeside(width: number): readonly WidthSegment[] {
  return [...wholeWidth.filter((one) => one.from < besideFrom), { from: besideFrom, factor: 0, plus: width }]
}

/** Where areas stand beside each other, one of so many equal ones with a gap between them. */
export function sharedBeside(count: number, gap: number): readonly WidthSegment[] {
  return wholeWidth.map((segment) =>
    segment.from < besideFrom
      ? segment
      : {
          ...segment,
          factor: segment.factor / count,
          plus: (segment.plus - (count - 1) * gap) / count,
        },
  )
}
