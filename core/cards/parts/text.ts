import { limitWords } from '../../text/limit-words'
import { counted } from '../../words'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { wordsField } from './words-field'

/** The beginning of the entry's own text. */
export interface TextSetting extends PartBase {
  readonly part: 'text'
  /** Words at most, 1 to 200. */
  readonly words: number
}

export const text = definePart<'text', TextSetting, { readonly text: string }>({
  name: 'text',
  title: 'Text',
  styled: '.summary',
  schema: partSettings('text', { words: wordsField.required() }),
  defaults: { part: 'text', on: false, words: 60 },
  readsText: () => true,
  phrase: (setting) => `${counted(setting.words, 'word', 'words')} of the text`,
  content(setting, entry, context) {
    const shown = limitWords(entry.text, setting.words, context.locale)
    return shown === '' ? null : { text: shown }
  },
})
