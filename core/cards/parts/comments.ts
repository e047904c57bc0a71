import { cardWords } from '../words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export interface CommentsSetting extends PartBase {
  readonly part: 'comments'
}

export const comments = definePart<'comments', CommentsSetting, { readonly text: string }>({
  name: 'comments',
  title: 'Comments',
  schema: partSettings('comments'),
  defaults: { part: 'comments', on: false },
  wraps: true,
  phrase: () => 'comments',
  content: (_, entry, { locale }) => (entry.comments === 0 ? null : { text: cardWords.comments(entry.comments, new Intl.NumberFormat(locale).format(entry.comments)) }),
})
