import { number, string } from 'yup'
import { px, rule } from '../style/rules'
import { counted } from '../words'
import {
  columnGapField,
  columnStops,
  columnStyles,
  gapOf,
  columnsField,
  rowGapField,
  usualColumns,
  widthsInColumns,
} from './columns'
import type { ColumnsStop } from './columns'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CardWidth, CommonSettings } from './define'
import { rowsOfCards } from './places'
import { stopAt, stopStyles, stopsSchema, narrower, withMovedStop } from './stops'

export const rowHeights = ['equal', 'natural'] as const

export interface GridSettings extends CommonSettings {
  readonly stops: readonly ColumnsStop[]
  /** Cards of a row are all as high as the highest, or each as high as what it carries. */
  readonly heights: (typeof rowHeights)[number]
  /**
   * As many columns as fit when none is narrower than this, in CSS pixels, 80 to 1,200; null for
   * the columns of the stops.
   */
  readonly fit: number | null
}

/** More columns than this are never counted out for pictures. */
const mostFitting = 16

export const grid = defineShape<'grid', GridSettings>({
  name: 'grid',
  title: 'Grid',
  about: 'Cards in rows and columns.',
  schema: settingsSchema('grid', {
    stops: stopsSchema({ columns: columnsField, columnGap: columnGapField, rowGap: rowGapField }),
    heights: string().oneOf([...rowHeights]),
    fit: number()
      .integer('A width is a whole number of pixels.')
      .min(80, 'A column is at least 80 pixels wide.')
      .max(1200, 'A column is at most 1,200 pixels wide.')
      .nullable(),
  }),
  defaults: { ...commonDefaults, stops: usualColumns, heights: 'equal', fit: null },
  words: ({ stops, fit }) =>
    fit === null
      ? {
          text: `a grid of ${counted(stops.at(-1)?.columns ?? 1, 'column', 'columns')}`,
          aside: narrower(stops.map((stop) => stop.columns)),
        }
      : { text: `a grid of as many columns as fit`, aside: `${fit} px each` },
  layout: (settings, heights, width) =>
    rowsOfCards(
      heights,
      width,
      columnsAt(settings, width),
      stopAt(settings.stops, width),
      settings.heights === 'natural',
    ),
  cardWidths: (settings) =>
    settings.fit === null ? widthsInColumns(settings.stops) : widthsThatFit(settings, settings.fit),
  rows: (settings) => cardColumns(settings),
  stops: ({ stops, fit }) =>
    fit === null
      ? columnStops(stops)
      : stops.map((stop) => ({ from: stop.from, label: `gap ${stop.columnGap}` })),
  moveStop: withMovedStop,
  styles({ stops, fit, heights }, selector) {
    const natural = heights === 'natural' ? [rule(selector, { 'align-items': 'start' })] : []
    if (fit === null) return [...columnStyles(stops, selector), ...natural]
    const columns = `repeat(auto-fill,minmax(min(100%,${px(fit)}),1fr))`
    return [
      rule(selector, { 'grid-template-columns': columns }),
      ...stopStyles(stops, (stop) => [rule(selector, { gap: gapOf(stop) })]),
      ...natural,
    ]
  },
})

/** How many columns there are in a box of this width. */
export function columnsAt(settings: GridSettings, width: number): number {
  const { columns, columnGap } = stopAt(settings.stops, width)
  return settings.fit === null
    ? columns
    : Math.max(1, Math.floor((width + columnGap) / (settings.fit + columnGap)))
}

function cardColumns(settings: GridSettings): readonly { readonly from: number; readonly columns: number }[] {
  return settings.fit === null
    ? settings.stops
    : widthsThatFit(settings, settings.fit).map(({ from, parts }) => ({ from, columns: parts }))
}

/** Within each stop, a stretch for each number of columns that fits somewhere in it. */
function widthsThatFit({ stops }: GridSettings, least: number): readonly CardWidth[] {
  return stops.flatMap((stop, at) => {
    const end = stops[at + 1]?.from ?? Infinity
    const all = Array.from({ length: mostFitting }, (_, index) => index + 1).map((columns) => ({
      from: columns === 1 ? 0 : columns * least + (columns - 1) * stop.columnGap,
      parts: columns,
      minus: (columns - 1) * stop.columnGap,
    }))
    const first = all.findLast((one) => one.from <= stop.from)
    const later = all.filter((one) => one.from > stop.from && one.from < end)
    return first === undefined ? later : [{ ...first, from: stop.from }, ...later]
  })
}
