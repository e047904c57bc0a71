import { measuredSize } from '~~/core/looks/measured-letters'

/**
 * How wide the letters of running text are on average, in CSS pixels, at the size that is measured, by the type
 * that a page really has; null where it can't be told.
 */
export function letterWidth(page: Document): number | null {
  const sample = page.querySelector<HTMLElement>('.summary')
  const text =
    sample === null ? 'the quick seeds of autumn keep their own counsel' : sample.textContent.trim()
  const canvas = page.createElement('canvas').getContext('2d')
  if (canvas === null || text === '') return null
  const { fontWeight, fontFamily } = getComputedStyle(sample ?? page.body)
  canvas.font = `${fontWeight} ${measuredSize}px ${fontFamily}`
  return canvas.measureText(text).width / text.length
}
