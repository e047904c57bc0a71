import { number } from 'yup'
import { limitWords } from '../../text/limit-words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { wordsField } from './words-field'

export interface TitleSetting extends PartBase {
  readonly part: 'title'
  /** HTML heading level, 2 to 6, on an entry's own page also 1; 0 for a title that is no heading. */
  readonly level: number
  /** Words at most; none for all. */
  readonly words?: number
}

const headingLevels = 'Headings are 1 to 6, or 0 for none.'

export interface TitleContent {
  readonly text: string
  readonly element: string
}

export const title = definePart<'title', TitleSetting, TitleContent>({
  name: 'title',
  title: 'Title',
  styled: '.title',
  schema: partSettings('title', {
    level: number().integer().min(0, headingLevels).max(6, headingLevels).required(),
    words: wordsField,
  }),
  defaults: { part: 'title', on: true, level: 3 },
  wraps: true,
  phrase: () => 'title',
  content: (setting, entry, context) => ({
    text: setting.words === undefined ? entry.title : limitWords(entry.title, setting.words, context.locale),
    element: setting.level === 0 ? 'p' : `h${setting.level}`,
  }),
})
