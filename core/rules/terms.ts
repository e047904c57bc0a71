import { array, boolean, object, string } from 'yup'
import { idOrLaterSchema, idSchema } from '../schemas'
import { andList, orList } from '../words'
import { broken, defineRule, unfinished } from './define'
import type { RuleBase } from './define'

/** Entries by terms of a facet; an entry of a nested term counts for the terms above it, too. */
export interface TermsRule extends RuleBase {
  readonly rule: 'terms'
  readonly facet: number
  readonly is: 'any' | 'all' | 'none'
  readonly terms: readonly number[]
}

export const terms = defineRule<'terms', TermsRule>({
  name: 'terms',
  title: 'Term',
  schema: object({
    rule: string<'terms'>().oneOf(['terms']).required(),
    off: boolean(),
    facet: idOrLaterSchema().required(),
    is: string<TermsRule['is']>()
      .oneOf(['any', 'all', 'none'], 'Ask for any, all or none of the terms.')
      .required(),
    terms: array(idSchema().required()).max(200, 'Choose at most 200 terms.').required(),
  })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'terms', facet: 0, is: 'any', terms: [] }),
  phrase(rule, words) {
    if (rule.terms.length === 0) return `in any ${(words.facet(rule.facet) ?? 'term').toLowerCase()}`
    const names = rule.terms.map((id) => words.term(id) ?? 'a term that is gone')
    if (rule.is === 'all') return `in ${andList(names, words.locale)} at once`
    return `${rule.is === 'none' ? 'not in' : 'in'} ${orList(names, words.locale)}`
  },
  trouble(rule, words) {
    if (rule.terms.length === 0) return unfinished('Choose at least one term.')
    const gone = rule.terms.filter((id) => words.term(id) === undefined).length
    if (gone === 0 || (rule.is === 'any' && gone < rule.terms.length)) return null
    return broken(
      gone === 1
        ? 'A term of this rule was deleted. Choose another, or remove it here.'
        : `${gone} terms of this rule were deleted. Choose others, or remove them here.`,
    )
  },
  predicate(rule, { words }) {
    const keys = [...new Set(rule.terms.map((term) => words.termNow(term)))]
    if (rule.is === 'none') return { test: 'not', of: { test: 'anyKey', keys } }
    return { test: rule.is === 'all' ? 'allKeys' : 'anyKey', keys }
  },
})
