import { array, number, object, string } from 'yup'
import { orList } from '../../words'
import { defineRule } from './define'

/** Entries that have any of the terms, or a term nested under one of them. */
export interface TermsRule {
  readonly rule: 'terms'
  readonly facet: number
  readonly any: readonly number[]
}

export const terms = defineRule<'terms', TermsRule>({
  name: 'terms',
  title: 'Term',
  schema: object({
    rule: string<'terms'>().oneOf(['terms']).required(),
    facet: number().integer().min(0).required(),
    any: array(number().integer().positive().required()).max(200).required(),
  })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'terms', facet: 0, any: [] }),
  phrase: (rule, words) =>
    rule.any.length === 0
      ? `in any ${(words.facet(rule.facet) ?? 'term').toLowerCase()}`
      : `in ${orList(
          rule.any.map((id) => words.term(id) ?? 'a term that is gone'),
          words.locale,
        )}`,
  unfinished: (rule) => (rule.any.length === 0 ? 'Choose at least one term.' : null),
  predicate: (rule) =>
    rule.any.length === 0
      ? { test: 'between', value: 'publishedAt', from: null, to: null }
      : { test: 'anyKey', keys: rule.any },
})
