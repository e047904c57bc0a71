import { number, string } from 'yup'
import { fromWidth, px, quoted, rule } from '../style/rules'
import { commonDefaults, defineShape, settingsSchema } from './define'
import type { CommonSettings } from './define'
import { widestStop } from './stops'

export const previewSides = ['end', 'start'] as const

export interface IndexSettings extends CommonSettings {
  /** On which side of the titles the chosen one is shown. */
  readonly side: (typeof previewSides)[number]
  /** Of the width, in per cent, for the chosen one, 30 to 80. */
  readonly share: number
  /** The listing's own width from which it stands beside the titles and not below, in CSS pixels. */
  readonly beside: number
}

/** Between titles and the chosen one, in CSS pixels. */
export const previewGap = 32

export const indexPreview = defineShape<'index', IndexSettings>({
  name: 'index',
  title: 'Index with preview',
  about: 'Titles on one side, the chosen one large on the other.',
  schema: settingsSchema('index', {
    side: string().oneOf([...previewSides]),
    share: number()
      .integer()
      .min(30, 'Give the chosen one at least 30 per cent.')
      .max(80, 'Give the chosen one at most 80 per cent.'),
    beside: number().integer().min(40).max(widestStop),
  }),
  defaults: { ...commonDefaults, side: 'end', share: 58, beside: 560 },
  words: ({ side }) => ({
    text: `an index with the chosen one ${side === 'end' ? 'after' : 'before'} the titles`,
    aside: 'below when narrow',
  }),
  isDriven: true,
  layout: (settings, heights, width) =>
    heights.map((height) => ({ ...previewBox(settings, width), top: 0, height })),
  cardWidths: ({ share, beside }) => [
    { from: 0, parts: 1, minus: 0 },
    { from: beside, parts: 100 / share, minus: previewGap },
  ],
  grouping: () => ({ by: 'entry' }),
  stops: ({ beside }) => [
    { from: 0, label: 'below' },
    { from: beside, label: 'beside' },
  ],
  moveStop: (settings, at, from) =>
    at === 1 ? { ...settings, beside: Math.round(Math.min(Math.max(from, 40), widestStop)) } : settings,
  styles({ side, share, beside }, selector) {
    const [first, second, areas] =
      side === 'end' ? [100 - share, share, 'names panel'] : [share, 100 - share, 'panel names']
    const template = `${quoted(areas)} 1fr / minmax(0,${first}fr) minmax(0,${second}fr)`
    return [
      rule(selector, { '--preview-gap': px(previewGap) }),
      ...fromWidth(beside, [rule(`${selector}.driven`, { 'grid-template': template })]),
    ]
  },
})

function previewBox(
  { side, share, beside }: IndexSettings,
  width: number,
): { readonly left: number; readonly width: number } {
  if (width < beside) return { left: 0, width }
  const own = ((width - previewGap) * share) / 100
  return { left: side === 'end' ? width - own : 0, width: own }
}
