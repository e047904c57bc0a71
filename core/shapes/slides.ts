import { boolean, number, string } from 'yup'
import { px, rule } from '../style/rules'
import { counted } from '../words'
import { columnGapField, columnsField, widthsInColumns } from './columns'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import { columnWidth } from './places'
import { narrower, stopAt, stopStyles, stopsSchema, withMovedStop } from './stops'
import type { Stop } from './stops'

export interface SlidesStop extends Stop {
  /** How many are seen at once, 1 to 6. */
  readonly columns: number
  readonly columnGap: number
}

export const arrowPlaces = ['sides', 'above', 'below', 'none'] as const
export const slideSteps = ['one', 'view'] as const

export interface SlidesSettings extends CommonSettings {
  readonly stops: readonly SlidesStop[]
  /** Seconds after which it goes on by itself, 2 to 60; null for never. */
  readonly autoplay: number | null
  /** After the last comes the first. */
  readonly loop: boolean
  readonly dots: boolean
  readonly arrows: (typeof arrowPlaces)[number]
  /** Whether an arrow goes on by one card or by as many as are seen. */
  readonly step: (typeof slideSteps)[number]
}

export const slides = defineShape<'slides', SlidesSettings>({
  name: 'slides',
  title: 'Slides',
  about: 'A row that is moved through.',
  schema: settingsSchema('slides', {
    stops: stopsSchema({ columns: columnsField, columnGap: columnGapField }),
    autoplay: number()
      .integer('Use whole seconds.')
      .min(2, 'Let each stand for at least 2 seconds.')
      .max(60, 'Let each stand for at most 60 seconds.')
      .nullable(),
    loop: boolean(),
    dots: boolean(),
    arrows: string().oneOf([...arrowPlaces]),
    step: string().oneOf([...slideSteps]),
  }),
  defaults: {
    ...commonDefaults,
    stops: [
      { from: 0, columns: 1, columnGap: 16 },
      { from: 460, columns: 2, columnGap: 22 },
      { from: 720, columns: 3, columnGap: 22 },
    ],
    autoplay: null,
    loop: false,
    dots: true,
    arrows: 'below',
    step: 'view',
  },
  words: ({ stops, autoplay }) => ({
    text: `slides, ${counted(stops.at(-1)?.columns ?? 1, 'at once', 'at once')}${autoplay === null ? '' : `, moving on every ${autoplay} s`}`,
    aside: narrower(stops.map((stop) => stop.columns)),
  }),
  isDriven: true,
  layout({ stops }, heights, width) {
    const { columns, columnGap } = stopAt(stops, width)
    const cardWidth = columnWidth(width, columns, columnGap)
    const height = Math.max(0, ...heights)
    return heights.map((_, at) => ({ left: at * (cardWidth + columnGap), top: 0, width: cardWidth, height }))
  },
  cardWidths: ({ stops }) => widthsInColumns(stops),
  movesEvery: ({ autoplay }) => autoplay,
  stops: ({ stops }) => stops.map((stop) => ({ from: stop.from, label: `${stop.columns} at once` })),
  moveStop: withMovedStop,
  styles: ({ stops }, selector) =>
    stopStyles(stops, ({ columns, columnGap }) => [
      rule(selector, {
        'grid-auto-columns': `calc((100% - ${px((columns - 1) * columnGap)})/${columns})`,
        'column-gap': px(columnGap),
      }),
    ]),
})
