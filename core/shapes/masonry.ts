import { counted } from '../words'
import { columnGapField, columnStops, columnsCss, columnsField, rowGapField, usualColumns, widthsInColumns } from './columns'
import type { ColumnsStop } from './columns'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import { masonryPlaces } from './masonry-places'
import { narrower, stopAt, stopsCss, stopsSchema, withMovedStop } from './stops'

export interface MasonrySettings extends CommonSettings {
  readonly stops: readonly ColumnsStop[]
}

export const masonry = defineShape<'masonry', MasonrySettings>({
  name: 'masonry',
  title: 'Masonry',
  about: 'Columns filled so that heights even out.',
  schema: settingsSchema('masonry', { stops: stopsSchema({ columns: columnsField, columnGap: columnGapField, rowGap: rowGapField }) }),
  defaults: { ...commonDefaults, stops: usualColumns },
  words: ({ stops }) => ({ text: `masonry of ${counted(stops.at(-1)?.columns ?? 1, 'column', 'columns')}`, aside: narrower(stops.map((stop) => stop.columns)) }),
  isDriven: true,
  layout({ stops }, heights, width) {
    const { columns, columnGap, rowGap } = stopAt(stops, width)
    return masonryPlaces(heights, width, columns, columnGap, rowGap)
  },
  cardWidths: ({ stops }) => widthsInColumns(stops),
  stops: ({ stops }) => columnStops(stops),
  moveStop: withMovedStop,
  css: ({ stops }, selector) => `${columnsCss(stops, selector)}${stopsCss(stops, ({ columns, columnGap }) => `${selector}{--columns:${columns};--column-gap:${columnGap}px}`)}`,
})
