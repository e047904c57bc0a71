import { number, string } from 'yup'
import { focusOf, pictureAddress, widthFor, widthsOf } from '../../pictures/picture'
import { placeholders } from '../../pictures/placeholder'
import type { Placeholder } from '../../pictures/placeholder'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export const pictureRatios = ['3:2', '4:3', '1:1', '4:5', '16:9', 'natural'] as const
export type PictureRatio = (typeof pictureRatios)[number]
export const pictureFits = ['fill', 'whole'] as const
export const pictureCorners = ['soft', 'square', 'round', 'leaf'] as const
export const pictureHovers = ['grow', 'lift', 'shift', 'none'] as const
export const pictureEffects = ['none', 'grey', 'warm', 'pale', 'deep'] as const
export const pictureSides = ['start', 'end'] as const

export interface PictureSetting extends PartBase {
  readonly part: 'picture'
  /** Width to height; “natural” keeps each picture's own. */
  readonly ratio: PictureRatio
  /** Fills its box, cropped around its focal point, or is shown whole. */
  readonly fit?: (typeof pictureFits)[number]
  /** The form of its corners. */
  readonly corners?: (typeof pictureCorners)[number]
  /** What it does when the card is pointed at. */
  readonly hover?: (typeof pictureHovers)[number]
  /** What is done to its colours. */
  readonly effect?: (typeof pictureEffects)[number]
  /** Of the card's width, in per cent, 10 to 80, where a part sits beside it. */
  readonly share?: number
  readonly side?: (typeof pictureSides)[number]
  /** What stands for a missing picture; where it is not said, what the whole site has for that. */
  readonly placeholder?: Placeholder
}

export interface PictureContent {
  /** CSS aspect-ratio. */
  readonly ratio: string
  readonly fit: (typeof pictureFits)[number]
  readonly corners: (typeof pictureCorners)[number]
  readonly hover: (typeof pictureHovers)[number]
  readonly effect: (typeof pictureEffects)[number]
  /** The letter that stands for a missing picture; null for the sprig. */
  readonly letter: string | null
  /** Null where the entry has no picture: a placeholder is shown. */
  readonly image: {
    readonly source: string
    readonly sourceSet: string
    readonly sizes: string
    readonly width: number
    readonly height: number
    readonly alternative: string
    readonly tint: string
    /** CSS object-position. */
    readonly focus: string
    /** Whether it is fetched only when it is about to be seen. */
    readonly waits: boolean
  } | null
}

/** How much of the card's width a picture takes that has something beside it, in per cent. */
export const usualShare = 40

export const picture = definePart<'picture', PictureSetting, PictureContent>({
  name: 'picture',
  title: 'Picture',
  styled: '.picture',
  schema: partSettings('picture', {
    ratio: string<PictureRatio>()
      .oneOf([...pictureRatios], 'Choose one of the ratios.')
      .required(),
    fit: string().oneOf([...pictureFits]),
    corners: string().oneOf([...pictureCorners]),
    hover: string().oneOf([...pictureHovers]),
    effect: string().oneOf([...pictureEffects]),
    share: number()
      .integer('Use whole per cent.')
      .min(10, 'A picture takes at least 10 per cent.')
      .max(80, 'A picture takes at most 80 per cent.'),
    side: string().oneOf([...pictureSides]),
    placeholder: string().oneOf([...placeholders]),
  }),
  defaults: { part: 'picture', on: true, ratio: '3:2' },
  phrase: () => 'picture',
  content(
    { ratio, fit = 'fill', corners = 'soft', hover = 'grow', effect = 'none', placeholder: own },
    entry,
    context,
  ) {
    const placeholder = own ?? context.placeholder
    const original = entry.picture
    const fixed = ratio === 'natural' ? null : ratio.replace(':', ' / ')
    const letter =
      placeholder === 'letter'
        ? (/[\p{L}\p{N}]/u.exec(entry.title)?.[0]?.toLocaleUpperCase(context.locale) ?? null)
        : null
    const shown = { fit, corners, hover, effect, letter }
    if (original === null && placeholder === 'none') return null
    if (original === null) return { ratio: fixed ?? '3 / 2', ...shown, image: null }
    const widths = widthsOf(original)
    const middling = widthFor(original, 480)
    return {
      ratio: fixed ?? `${original.width} / ${original.height}`,
      ...shown,
      image: {
        source: pictureAddress(original, middling),
        sourceSet: widths.map((width) => `${pictureAddress(original, width)} ${width}w`).join(', '),
        sizes: context.sizes,
        width: original.width,
        height: original.height,
        alternative: original.alternative,
        tint: original.tint,
        focus: focusOf(original),
        waits: !context.atOnce,
      },
    }
  },
})

/** Width to height as a number; null for each picture's own. */
export function ratioNumber(ratio: PictureRatio): number | null {
  const [width, height] = ratio.split(':').map(Number)
  return width === undefined || height === undefined ? null : width / height
}
