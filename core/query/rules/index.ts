import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../../registry'
import type { Registry } from '../../registry'
import type { RuleKind } from './define'
import { author } from './author'
import type { AuthorRule } from './author'
import { publishedWithin } from './published-within'
import type { PublishedWithinRule } from './published-within'
import { terms } from './terms'
import type { TermsRule } from './terms'

export type { AuthorRule, PublishedWithinRule, TermsRule }
export type Rule = TermsRule | AuthorRule | PublishedWithinRule
export type RuleName = Rule['rule']

/** A kind of rule as the registry hands it out: callers pass rules of the kind's own name only. */
type AnyRuleKind = RuleKind<RuleName, Rule>

/** Every kind of rule. A new one is a file beside these and a line here. */
export const rules: Registry<AnyRuleKind> = registryOf('rule', [
  terms as unknown as AnyRuleKind,
  author as unknown as AnyRuleKind,
  publishedWithin as unknown as AnyRuleKind,
])

/** Checks a rule by the schema of its kind. */
export const ruleSchema = lazy((value: unknown) => {
  const name = typeof value === 'object' && value !== null ? Reflect.get(value, 'rule') : undefined
  return rules.find(name)?.schema ?? unknownRule
}) as unknown as Schema<Rule>

const unknownRule = mixed().test(
  'known',
  `A rule is one of: ${rules.names.join(', ')}.`,
  () => false,
)
