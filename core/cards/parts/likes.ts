import { cardWords } from '../words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { numberFormat } from '../../formats/formatters'

/** How many readers voted for the entry. */
export interface LikesSetting extends PartBase {
  readonly part: 'likes'
}

export const likes = definePart<'likes', LikesSetting, { readonly text: string }>({
  name: 'likes',
  title: 'Likes',
  styled: '.fact',
  schema: partSettings('likes'),
  defaults: { part: 'likes', on: false },
  wraps: true,
  phrase: () => 'likes',
  content: (_, entry, { locale }) =>
    entry.likes === 0
      ? null
      : { text: cardWords.likes(entry.likes, numberFormat(locale).format(entry.likes)) },
})
