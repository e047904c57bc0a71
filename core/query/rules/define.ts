import type { Schema } from 'yup'
import type { Words } from '../../words'
import type { PlanContext } from '../plan'
import type { Predicate } from '../predicate'

/** A kind of rule: what can be set, how it reads, and what it asks of an entry. */
export interface RuleKind<Name extends string = string, Rule = never> {
  readonly name: Name
  /** What the kind is called where rules are chosen. */
  readonly title: string
  readonly schema: Schema<Rule>
  /** A new rule of this kind, before anything is chosen. */
  readonly fresh: () => Rule
  /** Its part of the sentence and its name in the tally: “in Soil or Seed”. */
  readonly phrase: (rule: Rule, words: Words) => string
  /** The words for a rule in which nothing is chosen yet, or null when it is whole. */
  readonly unfinished: (rule: Rule) => string | null
  readonly predicate: (rule: Rule, context: PlanContext) => Predicate
}

/** States a kind of rule with its exact types. */
export function defineRule<const Name extends string, Rule extends { readonly rule: Name }>(
  kind: RuleKind<Name, Rule>,
): RuleKind<Name, Rule> {
  return kind
}
