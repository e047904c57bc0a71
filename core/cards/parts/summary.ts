import { limitWords } from '../../text/limit-words'
import { counted } from '../../words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { wordsField } from './words-field'

export interface SummarySetting extends PartBase {
  readonly part: 'summary'
  /** Words at most, 1 to 200. About 25 is the usual start (common practice). */
  readonly words: number
}

export const summary = definePart<'summary', SummarySetting, { readonly text: string }>({
  name: 'summary',
  title: 'Summary',
  styled: '.summary',
  schema: partSettings('summary', { words: wordsField.required() }),
  defaults: { part: 'summary', on: true, words: 25 },
  wraps: true,
  phrase: (setting) => `summary of ${counted(setting.words, 'word', 'words')}`,
  content(setting, entry, context) {
    const text = limitWords(entry.summary, setting.words, context.locale)
    return text === '' ? null : { text }
  },
})
