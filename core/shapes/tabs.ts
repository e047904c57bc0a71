import { string } from 'yup'
import { idSchema } from '../schemas'
import { counted } from '../words'
import {
  columnGapField,
  columnStops,
  columnStyles,
  columnsField,
  rowGapField,
  widthsInColumns,
} from './columns'
import type { ColumnsStop } from './columns'
import { fromWidth, px, rule } from '../style/rules'
import type { StyleRule } from '../style/rules'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CardWidth, CommonSettings } from './define'
import { rowsOfCards } from './places'
import { narrower, stopAt, stopsSchema, withMovedStop } from './stops'

export const tabsBys = ['entry', 'term', 'day'] as const
export const tabsPlaces = ['above', 'start'] as const

export interface TabsSettings extends CommonSettings {
  /** What has a tab of its own. */
  readonly by: (typeof tabsBys)[number]
  /** Of terms: the facet; null for whichever comes first. */
  readonly facet: number | null
  readonly place: (typeof tabsPlaces)[number]
  /** Columns within a tab. */
  readonly stops: readonly ColumnsStop[]
}

const byWords: Record<TabsSettings['by'], string> = {
  entry: 'an entry a tab',
  term: 'a term a tab',
  day: 'a day a tab',
}

/** What tabs at the side are wide, and the gap to the cards, in CSS pixels. */
const listWidth = 180
const listGap = 22
/** What they take of the width of a box, and from which width on they stand there, in CSS pixels. */
const sideWidth = listWidth + listGap
const sideFrom = 560

/** What is left of a box for the cards. */
function panelWidth({ place }: Pick<TabsSettings, 'place'>, width: number): number {
  return place === 'start' && width >= sideFrom ? width - sideWidth : width
}

/** The widths of cards, less what tabs at the side take. */
function besideTabs(settings: TabsSettings, widths: readonly CardWidth[]): readonly CardWidth[] {
  if (settings.place !== 'start') return widths
  const edges = [...new Set([...widths.map((width) => width.from), sideFrom])].toSorted((a, b) => a - b)
  return edges.flatMap((from) => {
    const known = widths.findLast((width) => width.from <= from)
    return known === undefined
      ? []
      : [{ ...known, from, minus: known.minus + (from >= sideFrom ? sideWidth : 0) }]
  })
}

export const tabs = defineShape<'tabs', TabsSettings>({
  name: 'tabs',
  title: 'Tabs',
  about: 'One at a time, chosen by name.',
  schema: settingsSchema('tabs', {
    by: string().oneOf([...tabsBys]),
    facet: idSchema().nullable(),
    place: string().oneOf([...tabsPlaces]),
    stops: stopsSchema({ columns: columnsField, columnGap: columnGapField, rowGap: rowGapField }),
  }),
  defaults: {
    ...commonDefaults,
    by: 'term',
    facet: null,
    place: 'above',
    stops: [
      { from: 0, columns: 1, columnGap: 22, rowGap: 26 },
      { from: 520, columns: 2, columnGap: 22, rowGap: 26 },
    ],
  },
  words: ({ by, stops }) => ({
    text: `tabs, ${byWords[by]}`,
    aside: by === 'entry' ? null : narrower(stops.map((stop) => counted(stop.columns, 'column', 'columns'))),
  }),
  isDriven: true,
  layout: (settings, heights, width) => {
    const { by, stops } = settings
    return rowsOfCards(
      heights,
      panelWidth(settings, width),
      by === 'entry' ? 1 : stopAt(stops, width).columns,
      stopAt(stops, width),
    )
  },
  cardWidths: (settings) =>
    besideTabs(
      settings,
      settings.by === 'entry' ? [{ from: 0, parts: 1, minus: 0 }] : widthsInColumns(settings.stops),
    ),
  grouping: ({ by, facet }) => (by === 'term' ? { by, facet } : { by }),
  stops: ({ by, stops }) => (by === 'entry' ? [{ from: 0, label: 'one at a time' }] : columnStops(stops)),
  moveStop: (settings, at, from) => (settings.by === 'entry' ? settings : withMovedStop(settings, at, from)),
  styles: ({ by, place, stops }, selector) => [
    ...(by === 'entry' ? [] : columnStyles(stops, `${selector} .group-cards`)),
    ...(place === 'start' ? fromWidth(sideFrom, atTheSide(selector)) : []),
  ],
})

function atTheSide(selector: string): readonly StyleRule[] {
  const tabs = `${selector} .tab-list`
  return [
    rule(`${selector}.driven`, {
      'grid-template-columns': `${px(listWidth)} minmax(0,1fr)`,
      'column-gap': px(listGap),
      'align-items': 'start',
    }),
    rule(tabs, { 'flex-flow': 'column nowrap', border: 0 }),
    rule(`${tabs} button`, { 'border-bottom': 0, 'border-inline-start': '2px solid var(--line)' }),
    rule(`${tabs} button[aria-selected='true']`, { 'border-inline-start-color': 'var(--accent)' }),
  ]
}
