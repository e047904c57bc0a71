import { array, number, object, string } from 'yup'
import { orList } from '../../words'
import { defineRule } from './define'

/** Entries by any of the authors. */
export interface AuthorRule {
  readonly rule: 'author'
  readonly any: readonly number[]
}

export const author = defineRule<'author', AuthorRule>({
  name: 'author',
  title: 'Author',
  schema: object({
    rule: string<'author'>().oneOf(['author']).required(),
    any: array(number().integer().positive().required()).max(200).required(),
  })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'author', any: [] }),
  phrase: (rule, words) =>
    rule.any.length === 0
      ? 'by any author'
      : `by ${orList(
          rule.any.map((id) => words.author(id) ?? 'an author who is gone'),
          words.locale,
        )}`,
  unfinished: (rule) => (rule.any.length === 0 ? 'Choose at least one author.' : null),
  predicate: (rule) =>
    rule.any.length === 0
      ? { test: 'between', value: 'publishedAt', from: null, to: null }
      : { test: 'anyKey', keys: rule.any },
})
