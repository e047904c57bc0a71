import { idOrLaterSchema } from '../../schemas'
import { formatValue } from '../../content/field'
import type { RatingSettings } from '../../content/fields/rating'
import { valueOf } from '../card-entry'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export interface RatingSetting extends PartBase {
  readonly part: 'rating'
  /** A field of ratings; 0 until one is chosen. */
  readonly field: number
}

export interface RatingContent {
  /** 0 to 1. */
  readonly share: number
  readonly best: number
  /** “4.5 of 5”. */
  readonly text: string
}

export const rating = definePart<'rating', RatingSetting, RatingContent>({
  name: 'rating',
  title: 'Rating',
  styled: '.rating',
  schema: partSettings('rating', { field: idOrLaterSchema().required() }),
  defaults: { part: 'rating', on: false, field: 0 },
  phrase: () => 'rating',
  content(setting, entry, context) {
    const found = valueOf(entry, setting.field, context)
    if (found === null || found.field.type !== 'rating') return null
    const { best } = found.field.settings as RatingSettings
    return { share: Number(found.value) / best, best, text: formatValue(found.field, found.value, context) }
  },
})
