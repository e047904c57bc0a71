import { boolean, object, string } from 'yup'
import { wantedWords } from '../text/search-words'
import { defineRule, unfinished } from './define'
import type { RuleBase } from './define'

/** Entries that hold all of these words in their title, summary, text or text fields. */
export interface WordsRule extends RuleBase {
  readonly rule: 'words'
  readonly words: string
}

export const words = defineRule<'words', WordsRule>({
  name: 'words',
  title: 'Words',
  schema: object({
    rule: string<'words'>().oneOf(['words']).required(),
    off: boolean(),
    words: string().defined().max(200, 'Keep the words within 200 characters.'),
  })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'words', words: '' }),
  phrase: (rule) => (rule.words.trim() === '' ? 'with any words' : `with “${rule.words.trim()}”`),
  trouble: (rule, { locale }) =>
    wantedWords(rule.words, locale).length === 0 ? unfinished('Type the words to look for.') : null,
  predicate: (rule, context) => ({ test: 'words', words: wantedWords(rule.words, context.words.locale) }),
})
