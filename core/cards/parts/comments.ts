import { cardWords } from '../words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { numberFormat } from '../../formats/formatters'

export interface CommentsSetting extends PartBase {
  readonly part: 'comments'
}

export const comments = definePart<'comments', CommentsSetting, { readonly text: string }>({
  name: 'comments',
  title: 'Comments',
  styled: '.fact',
  schema: partSettings('comments'),
  defaults: { part: 'comments', on: false },
  wraps: true,
  phrase: () => 'comments',
  content: (_, entry, { locale }) =>
    entry.comments === 0
      ? null
      : { text: cardWords.comments(entry.comments, numberFormat(locale).format(entry.comments)) },
})
