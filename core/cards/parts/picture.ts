import { boolean, object, string } from 'yup'
import { focusOf, pictureAddress, widthsOf } from '../../pictures/picture'
import { definePart } from './define'

export const pictureRatios = ['3:2', '4:3', '1:1', '4:5', '16:9', 'natural'] as const
export type PictureRatio = (typeof pictureRatios)[number]

export interface PictureSetting {
  readonly part: 'picture'
  readonly on: boolean
  /** Width to height; “natural” keeps each picture's own. */
  readonly ratio: PictureRatio
}

export interface PictureContent {
  /** CSS aspect-ratio. */
  readonly ratio: string
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
  } | null
}

export const picture = definePart<'picture', PictureSetting, PictureContent>({
  name: 'picture',
  title: 'Picture',
  schema: object({
    part: string<'picture'>().oneOf(['picture']).required(),
    on: boolean().required(),
    ratio: string<PictureRatio>().oneOf([...pictureRatios], 'Choose one of the ratios.').required(),
  })
    .noUnknown()
    .required(),
  defaults: { part: 'picture', on: true, ratio: '3:2' },
  phrase: () => 'picture',
  content(setting, entry, context) {
    const original = entry.picture
    const fixed = setting.ratio === 'natural' ? null : setting.ratio.replace(':', ' / ')
    if (original === null) return { ratio: fixed ?? '3 / 2', image: null }
    const widths = widthsOf(original)
    const middling = widths.find((width) => width >= 480) ?? original.width
    return {
      ratio: fixed ?? `${original.width} / ${original.height}`,
      image: {
        source: pictureAddress(original, middling),
        sourceSet: widths.map((width) => `${pictureAddress(original, width)} ${width}w`).join(', '),
        sizes: context.sizes,
        width: original.width,
        height: original.height,
        alternative: original.alternative,
        tint: original.tint,
        focus: focusOf(original),
      },
    }
  },
})
