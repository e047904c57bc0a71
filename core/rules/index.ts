import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../registry'
import type { Registry } from '../registry'
import { author } from './author'
import type { AuthorRule } from './author'
import { date } from './date'
import type { DateRule } from './date'
import type { RuleKind } from './define'
import { field } from './field'
import type { FieldRule } from './field'
import { flag } from './flag'
import type { FlagRule } from './flag'
import { groupOf } from './group'
import type { GroupRule } from './group'
import { related } from './related'
import type { RelatedRule } from './related'
import { terms } from './terms'
import type { TermsRule } from './terms'
import { when } from './when'
import type { WhenRule } from './when'
import { words } from './words'
import type { WordsRule } from './words'

export type {
  AuthorRule,
  DateRule,
  FieldRule,
  FlagRule,
  GroupRule,
  RelatedRule,
  TermsRule,
  WhenRule,
  WordsRule,
}
export type Rule =
  TermsRule | AuthorRule | DateRule | WhenRule | FieldRule | FlagRule | WordsRule | RelatedRule | GroupRule
export type RuleName = Rule['rule']

/** A kind of rule as the registry hands it out: callers pass rules of the kind's own name only. */
export type AnyRuleKind = RuleKind<RuleName, Rule>

/** Every kind of rule. A new one is a file beside these and a line here. */
export const rules: Registry<AnyRuleKind> = registryOf('rule', [
  terms,
  author,
  date,
  when,
  field,
  flag,
  words,
  related,
  groupOf({ kinds: () => rules, schema: () => ruleSchema }),
] as unknown as readonly AnyRuleKind[])

/** Checks a rule by the schema of its kind. */
export const ruleSchema = lazy((value: unknown) => {
  const name = typeof value === 'object' && value !== null ? Reflect.get(value, 'rule') : undefined
  return rules.find(name)?.schema ?? unknownRule
}) as unknown as Schema<Rule>

const unknownRule = mixed().test('known', `A rule is one of: ${rules.names.join(', ')}.`, () => false)
