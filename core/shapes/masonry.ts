import { counted } from '../words'
import {
  columnGapField,
  columnStops,
  columnStyles,
  columnsField,
  rowGapField,
  usualColumns,
  widthsInColumns,
} from './columns'
import type { ColumnsStop } from './columns'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import { masonryPlaces } from './places'
import { narrower, stopAt, stopsSchema, withMovedStop } from './stops'

export interface MasonrySettings extends CommonSettings {
  readonly stops: readonly ColumnsStop[]
}

export const masonry = defineShape<'masonry', MasonrySettings>({
  name: 'masonry',
  title: 'Masonry',
  about: 'Columns filled so that heights even out.',
  suits: ['project', 'quote'],
  schema: settingsSchema('masonry', {
    stops: stopsSchema({ columns: columnsField, columnGap: columnGapField, rowGap: rowGapField }),
  }),
  defaults: { ...commonDefaults, stops: usualColumns },
  words: ({ stops }) => ({
    text: `masonry of ${counted(stops.at(-1)?.columns ?? 1, 'column', 'columns')}`,
    aside: narrower(stops.map((stop) => stop.columns)),
  }),
  isDriven: true,
  layout({ stops }, heights, width) {
    const stop = stopAt(stops, width)
    return masonryPlaces(heights, width, stop.columns, stop)
  },
  cardWidths: ({ stops }) => widthsInColumns(stops),
  stops: ({ stops }) => columnStops(stops),
  moveStop: withMovedStop,
  styles: ({ stops }, selector) => columnStyles(stops, selector),
})
