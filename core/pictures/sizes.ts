import { boxWidthOn } from '../pages/frames/define'
import type { Box } from '../pages/frames/define'
import type { CardWidth } from '../shapes/define'

interface Stretch {
  /** Page width from which it holds, in CSS pixels. */
  readonly from: number
  readonly size: string
}

/**
 * The value of an img's `sizes` (HTML Standard, 4.8.4.2.1) for pictures as wide as the cards of a
 * listing that fills `box`: exact at every page width, since areas and cards grow in straight
 * stretches.
 */
export function sizesOf(box: Box, cards: readonly CardWidth[]): string {
  const stretches = box.widths.flatMap((segment, at): Stretch[] => {
    const end = box.widths[at + 1]?.from ?? Infinity
    return cards.flatMap((card, index): Stretch[] => {
      const cardEnd = cards[index + 1]?.from ?? Infinity
      const [low, high] =
        segment.factor === 0
          ? holds(segment.plus, card.from, cardEnd)
          : [
              Math.ceil((card.from - segment.plus) / segment.factor),
              (cardEnd - segment.plus) / segment.factor,
            ]
      const from = Math.max(segment.from, low)
      if (from >= Math.min(end, high)) return []
      return [{ from, size: cardSize(segment, card) }]
    })
  })
  return stretches
    .filter((stretch, at) => stretch.size !== stretches[at - 1]?.size)
    .reverse()
    .map(({ from, size }, at, all) => (at === all.length - 1 ? size : `(min-width: ${from}px) ${size}`))
    .join(', ')
}

function holds(width: number, from: number, end: number): readonly [number, number] {
  return width >= from && width < end ? [0, Infinity] : [Infinity, 0]
}

function cardSize(segment: Box['widths'][number], card: CardWidth): string {
  const less = card.minus - segment.plus
  if (segment.factor === 0) return `${round(-less / card.parts)}px`
  const share = `${round(100 * segment.factor)}vw`
  const box = less === 0 ? share : `${share} ${less > 0 ? '-' : '+'} ${Math.abs(less)}px`
  return card.parts === 1 ? `calc(${box})` : `calc((${box}) / ${card.parts})`
}

function round(pixels: number): number {
  return Math.round(pixels * 100) / 100
}

/** How wide a card is, in CSS pixels, on a page of this width. */
export function cardWidthAt(box: Box, cards: readonly CardWidth[], pageWidth: number): number {
  const width = boxWidthOn(box, pageWidth)
  const card = cards.filter((one) => one.from <= width).at(-1)
  return card ? (width - card.minus) / card.parts : width
}
