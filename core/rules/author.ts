import { array, boolean, object, string } from 'yup'
import { idSchema } from '../schemas'
import { orList } from '../words'
import { broken, defineRule, unfinished } from './define'
import type { RuleBase } from './define'

/** Entries by any of the authors, or by none of them. */
export interface AuthorRule extends RuleBase {
  readonly rule: 'author'
  readonly is: 'any' | 'none'
  readonly authors: readonly number[]
}

export const author = defineRule<'author', AuthorRule>({
  name: 'author',
  title: 'Author',
  schema: object({
    rule: string<'author'>().oneOf(['author']).required(),
    off: boolean(),
    is: string<AuthorRule['is']>().oneOf(['any', 'none'], 'Ask for any or none of the authors.').required(),
    authors: array(idSchema().required()).max(200, 'Choose at most 200 authors.').required(),
  })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'author', is: 'any', authors: [] }),
  phrase(rule, words) {
    if (rule.authors.length === 0) return 'by any author'
    const names = orList(
      rule.authors.map((id) => words.author(id) ?? 'an author who is gone'),
      words.locale,
    )
    return `${rule.is === 'none' ? 'not by' : 'by'} ${names}`
  },
  trouble(rule, words) {
    if (rule.authors.length === 0) return unfinished('Choose at least one author.')
    const gone = rule.authors.filter((id) => words.author(id) === undefined).length
    if (gone === 0 || (rule.is === 'any' && gone < rule.authors.length)) return null
    return broken('An author of this rule was deleted. Choose another, or remove them here.')
  },
  predicate(rule) {
    const anyOf = { test: 'anyKey', keys: rule.authors } as const
    return rule.is === 'none' ? { test: 'not', of: anyOf } : anyOf
  },
})
