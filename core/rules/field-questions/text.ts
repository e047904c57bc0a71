import { boolean, string } from 'yup'
import { exactText, longestAsked } from '../../content/field'
import { folded } from '../../text/folding'
import { columnOf } from '../columns'
import { unfinished } from '../define'
import type { TextMatch } from '../predicate'
import { defineQuestion, questionSchema, withField } from './define'
import type { QuestionKind } from './define'

/** Is a text, begins with it or contains it. */
export interface TextQuestion<Is extends TextMatch = TextMatch> {
  readonly is: Is
  readonly text: string
  /** “Is exactly”: letters may differ in case and accents. */
  readonly loose?: boolean
}

export const equal = textQuestion('equal', ({ text, loose }) =>
  loose === true ? `“${text}” in any case` : `“${text}”`,
)
export const begins = textQuestion('begins', ({ text }) => `beginning with “${text}”`)
export const contains = textQuestion('contains', ({ text }) => `containing “${text}”`)

function textQuestion<const Is extends TextMatch>(
  is: Is,
  said: (question: TextQuestion) => string,
): QuestionKind<Is, TextQuestion<Is>> {
  return defineQuestion<Is, TextQuestion<Is>>({
    name: is,
    schema: questionSchema({
      text: string().defined().max(longestAsked, `Keep the text within ${longestAsked} characters.`),
      loose: boolean(),
    }),
    fresh: () => ({ is, text: '' }),
    phrase: (question, known) => withField(known, said(question)),
    trouble: ({ text }, _, { locale }) =>
      folded(text, locale) === '' ? unfinished('Type the text to look for.') : null,
    predicate({ text, loose }, known, context) {
      const value = columnOf(known, context)
      return is === 'equal' && loose !== true
        ? { test: 'text', value, how: is, form: 'exact', text: exactText(text) }
        : { test: 'text', value, how: is, form: 'folded', text: folded(text, context.words.locale) }
    },
  })
}
