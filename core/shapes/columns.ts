import { number } from 'yup'
import { counted } from '../words'
import type { CardWidth, RulerStop } from './define'
import { px, rule } from '../style/rules'
import type { Style } from '../style/rules'
import { pixelsSchema, stopStyles } from './stops'
import type { Stop } from './stops'

/** From a width of the listing's own box on: so many columns, so much space between them. */
export interface ColumnsStop extends Stop {
  /** 1 to 6. */
  readonly columns: number
  /** CSS pixels between columns, 0 to 200. */
  readonly columnGap: number
  /** CSS pixels between rows, 0 to 200. */
  readonly rowGap: number
}

export const mostColumns = 6

export const columnsField = number()
  .integer()
  .min(1, 'There is at least 1 column.')
  .max(mostColumns, 'There are at most 6 columns.')
  .required()
export const columnGapField = pixelsSchema('gap between columns', 200)
export const rowGapField = pixelsSchema('gap between rows', 200)

/** Three columns when wide, two in between, one when narrow: the usual start (common practice). */
export const usualColumns: readonly ColumnsStop[] = [
  { from: 0, columns: 1, columnGap: 22, rowGap: 30 },
  { from: 460, columns: 2, columnGap: 22, rowGap: 30 },
  { from: 720, columns: 3, columnGap: 22, rowGap: 30 },
]

/** How wide cards in columns are at each box width. */
export function widthsInColumns(
  stops: readonly Pick<ColumnsStop, 'from' | 'columns' | 'columnGap'>[],
): readonly CardWidth[] {
  return stops.map((stop) => ({
    from: stop.from,
    parts: stop.columns,
    minus: (stop.columns - 1) * stop.columnGap,
  }))
}

/** Stops of columns as the ruler shows them. */
export function columnStops(stops: readonly Pick<ColumnsStop, 'from' | 'columns'>[]): readonly RulerStop[] {
  return stops.map((stop) => ({ from: stop.from, label: counted(stop.columns, 'column', 'columns') }))
}

/** The columns of a CSS grid, by stop. */
export function columnStyles(stops: readonly ColumnsStop[], selector: string): readonly Style[] {
  return stopStyles(stops, (stop) => [
    rule(selector, { 'grid-template-columns': `repeat(${stop.columns},minmax(0,1fr))`, gap: gapOf(stop) }),
  ])
}

/** The space between rows and columns, as one value. */
export function gapOf({ rowGap, columnGap }: Pick<ColumnsStop, 'rowGap' | 'columnGap'>): string {
  return `${px(rowGap)} ${px(columnGap)}`
}
