import { boolean, number } from 'yup'
import { belowWidth, px, rule } from '../style/rules'
import type { StyleRule } from '../style/rules'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import { widestStop } from './stops'

export interface TableSettings extends CommonSettings {
  /**
   * The listing's own width from which it is a table; below it each entry is a list of what its
   * columns say. CSS pixels.
   */
  readonly from: number
  /** Whether columns are named at the top. */
  readonly head: boolean
  /** Every other row stands out. */
  readonly stripes: boolean
}

/** Width of the picture's column, in CSS pixels. */
export const tablePictureWidth = 96

export const table = defineShape<'table', TableSettings>({
  name: 'table',
  title: 'Table',
  about: 'A row an entry, a column a part of the card.',
  schema: settingsSchema('table', {
    from: number().integer().min(40).max(widestStop, 'A stop lies at 4,000 pixels at most.'),
    head: boolean(),
    stripes: boolean(),
  }),
  defaults: { ...commonDefaults, from: 480, head: true, stripes: false },
  words: () => ({ text: 'a table', aside: 'one below the other when narrow' }),
  layout(_, heights, width) {
    let top = 0
    return heights.map((height) => {
      const placed = { left: 0, top, width, height }
      top += height
      return placed
    })
  },
  cardWidths: () => [{ from: 0, parts: 1, minus: 0 }],
  pictureWidths: ({ from }) => [
    { from: 0, parts: 1, minus: 0 },
    // A fixed width has no part of the box: the thousandth hardly grows, and at least the column is filled.
    { from, parts: 1000, minus: -1000 * tablePictureWidth },
  ],
  stops: ({ from }) => [
    { from: 0, label: 'below each other' },
    { from, label: 'table' },
  ],
  moveStop: (settings, at, from) =>
    at === 1 ? { ...settings, from: Math.round(Math.min(Math.max(from, 40), widestStop)) } : settings,
  styles: ({ from }, selector) => [
    rule(selector, { '--picture-width': px(tablePictureWidth) }),
    ...belowWidth(from, stacked(selector)),
  ],
})

/** Rows as blocks, and in each a line for each column with its name before it. */
function stacked(selector: string): readonly StyleRule[] {
  return [
    rule(`${selector} thead`, { display: 'none' }),
    rule(`${selector} :is(tbody,tr,td,th)`, { display: 'block', width: 'auto' }),
    rule(`${selector} tr`, { 'padding-block': px(14) }),
    rule(`${selector} td`, {
      display: 'flex',
      'align-items': 'baseline',
      gap: px(10),
      padding: `${px(5)} 0`,
    }),
    rule(`${selector} td:empty`, { display: 'none' }),
    rule(`${selector} td[data-part=picture]`, { border: 0 }),
    rule(`${selector} td[data-name]::before`, {
      content: 'attr(data-name)',
      flex: '0 0 30%',
      'font-size': px(14),
      color: 'var(--soft)',
    }),
  ]
}
