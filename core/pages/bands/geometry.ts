import type { Visitors } from '../../listing/visitors'
import type { Area, Box, WidthSegment } from '../frames/define'
import { edgeToEdge } from '../frames/widths'
import type { Band, PageRange } from './definition'

/** Between the columns of a band, in CSS pixels. */
export const columnGap = 40
/** Columns stand one below the other where one of them would be narrower, in CSS pixels. */
const leastColumn = 200
/** Between the ends of a contained band with a background and what stands in it, in CSS pixels. */
export const insideSpace = 28

/** From these widths of the page on, in CSS pixels; each range ends where the next begins. */
export const rangeFrom: Readonly<Record<PageRange, number>> = { narrow: 0, medium: 640, wide: 1000 }

/** How far a band reaches in its area: beyond it only where nothing stands beside. */
export function reachIn(area: Area, band: Pick<Band, 'reach'>): Band['reach'] {
  return area.isAcross ? band.reach : 'contained'
}

/** Whether a band keeps what it holds away from its ends: its background would end there too. */
export function isInset(area: Area, band: Pick<Band, 'reach' | 'background'>): boolean {
  return band.background.is !== 'none' && reachIn(area, band) === 'contained'
}

/** From which width of its own, in CSS pixels, a band has its columns beside each other. */
export function besideFromOf({ columns }: Pick<Band, 'columns'>): number {
  if (columns.length === 1) return 0
  const least = Math.min(...columns.map((column) => column.parts))
  return Math.ceil((leastColumn * allParts(columns)) / least + gapsOf(columns))
}

/** How wide a column of a band is in its area. */
export function columnBox(area: Area, band: Band, at: number): Box {
  const inside = bandBox(area, band)
  const column = band.columns[at]
  if (column === undefined || band.columns.length === 1) return inside
  const share = column.parts / allParts(band.columns)
  const from = besideFromOf(band)
  const gaps = gapsOf(band.columns)
  return {
    widths: inside.widths.flatMap((segment, place) =>
      splitAt(segment, inside.widths[place + 1]?.from ?? Infinity, from).map((one) =>
        isReached(one, from)
          ? { from: one.from, factor: one.factor * share, plus: (one.plus - gaps) * share }
          : one,
      ),
    ),
  }
}

/** How wide controls beside a listing are, between them and it, and from which width of both they are, in CSS pixels. */
export const besideControls = { width: 200, gap: 40, from: 720 } as const

/** How wide a listing is in a box that it may share with its controls. */
export function listingBox(box: Box, { controls, place }: Visitors): Box {
  if (controls.length === 0 || place === 'above' || place === 'below') return box
  const { width, gap, from } = besideControls
  return {
    widths: box.widths.flatMap((segment, at) =>
      splitAt(segment, box.widths[at + 1]?.from ?? Infinity, from).map((one) =>
        isReached(one, from) ? { ...one, plus: one.plus - width - gap } : one,
      ),
    ),
  }
}

/** How wide what stands in a band is, all columns together. */
function bandBox(area: Area, band: Band): Box {
  if (reachIn(area, band) === 'whole') return { widths: edgeToEdge }
  if (!isInset(area, band)) return area
  return { widths: area.widths.map((one) => ({ ...one, plus: one.plus - 2 * insideSpace })) }
}

/** A segment in two where its box gets `width` wide within it, before the page width `end`. */
function splitAt(segment: WidthSegment, end: number, width: number): readonly WidthSegment[] {
  if (segment.factor === 0) return [segment]
  const at = (width - segment.plus) / segment.factor
  return at > segment.from && at < end ? [segment, { ...segment, from: at }] : [segment]
}

function isReached({ from, factor, plus }: WidthSegment, width: number): boolean {
  return factor * from + plus >= width - 1e-9
}

function allParts(columns: Band['columns']): number {
  return columns.reduce((sum, column) => sum + column.parts, 0)
}

function gapsOf(columns: Band['columns']): number {
  return (columns.length - 1) * columnGap
}
