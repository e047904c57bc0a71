import { string } from 'yup'
import { idSchema } from '../schemas'
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
import { rowsOfCards } from './places'
import { groupings } from './grouping'
import { narrower, stopAt, stopsSchema, withMovedStop } from './stops'

export interface GroupedSettings extends CommonSettings {
  readonly by: (typeof groupings)[number]
  /** Of terms: the facet; null for whichever comes first. */
  readonly facet: number | null
  /** Columns under each heading. */
  readonly stops: readonly ColumnsStop[]
}

const byWords: Record<GroupedSettings['by'], string> = {
  term: 'term',
  month: 'month',
  day: 'day',
  letter: 'first letter',
}

export const grouped = defineShape<'grouped', GroupedSettings>({
  name: 'grouped',
  title: 'Under headings',
  about: 'Put together by term, month, day or letter.',
  schema: settingsSchema('grouped', {
    by: string().oneOf([...groupings]),
    facet: idSchema().nullable(),
    stops: stopsSchema({ columns: columnsField, columnGap: columnGapField, rowGap: rowGapField }),
  }),
  defaults: { ...commonDefaults, by: 'month', facet: null, stops: usualColumns },
  words: ({ by, stops }) => ({
    text: `${counted(stops.at(-1)?.columns ?? 1, 'column', 'columns')} under headings by ${byWords[by]}`,
    aside: narrower(stops.map((stop) => stop.columns)),
  }),
  layout: ({ stops }, heights, width) =>
    rowsOfCards(heights, width, stopAt(stops, width).columns, stopAt(stops, width)),
  cardWidths: ({ stops }) => widthsInColumns(stops),
  grouping: ({ by, facet }) => (by === 'term' ? { by, facet } : { by }),
  stops: ({ stops }) => columnStops(stops),
  moveStop: withMovedStop,
  styles: ({ stops }, selector) => columnStyles(stops, `${selector} .group-cards`),
})
