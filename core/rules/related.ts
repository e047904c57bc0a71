import { boolean, object, string } from 'yup'
import { nothing } from './predicate'
import { defineRule } from './define'
import type { RuleBase } from './define'

/** Entries that share a term with the entry whose page this is. Which share the most comes from the order. */
export interface RelatedRule extends RuleBase {
  readonly rule: 'related'
}

export const related = defineRule<'related', RelatedRule>({
  name: 'related',
  title: 'Related to this page’s entry',
  schema: object({ rule: string<'related'>().oneOf(['related']).required(), off: boolean() })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'related' }),
  phrase: () => 'related to the page’s entry',
  trouble: () => null,
  predicate: (_, context) =>
    context.related.length === 0 ? nothing : { test: 'anyKey', keys: context.related.map((one) => one.key) },
})
