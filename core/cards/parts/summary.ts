import { boolean, number, object, string } from 'yup'
import { limitWords } from '../../text/limit-words'
import { counted } from '../../words'
import { definePart } from './define'

export interface SummarySetting {
  readonly part: 'summary'
  readonly on: boolean
  /** Words at most, 1 to 200. About 25 is the usual start (common practice). */
  readonly words: number
}

export const summary = definePart<'summary', SummarySetting, { readonly text: string }>({
  name: 'summary',
  title: 'Summary',
  schema: object({
    part: string<'summary'>().oneOf(['summary']).required(),
    on: boolean().required(),
    words: number()
      .typeError('Say how many words.')
      .integer('Words are whole numbers.')
      .min(1, 'Show at least 1 word.')
      .max(200, 'Show at most 200 words.')
      .required(),
  })
    .noUnknown()
    .required(),
  defaults: { part: 'summary', on: true, words: 25 },
  phrase: (setting) => `summary of ${counted(setting.words, 'word', 'words')}`,
  content(setting, entry, context) {
    const text = limitWords(entry.summary, setting.words, context.locale)
    return text === '' ? null : { text }
  },
})
