import type { Schema } from 'yup'
import type { Words } from '../words'
import type { PlanContext } from './context'
import type { Predicate } from './predicate'

/** What every rule may carry. */
export interface RuleBase {
  /** Switched off: kept with all it says, but asks nothing. */
  readonly off?: boolean
}

/** Why a rule can't be asked: nothing is chosen yet, or what it says makes no sense any more. */
export interface RuleTrouble {
  readonly kind: 'unfinished' | 'broken'
  /** What is wrong and what to do about it. */
  readonly message: string
}

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
  /** Why the rule can't be asked, or null when it can. */
  readonly trouble: (rule: Rule, words: Words) => RuleTrouble | null
  /** What the rule asks; called only when there is no trouble with it, nor with any rule in it. */
  readonly predicate: (rule: Rule, context: PlanContext) => Predicate
  /** Whether what it asks changes by the clock alone. */
  readonly moves?: (rule: Rule) => boolean
}

/** States a kind of rule with its exact types. */
export function defineRule<const Name extends string, Rule extends { readonly rule: Name }>(
  kind: RuleKind<Name, Rule>,
): RuleKind<Name, Rule> {
  return kind
}

export function unfinished(message: string): RuleTrouble {
  return { kind: 'unfinished', message }
}

export function broken(message: string): RuleTrouble {
  return { kind: 'broken', message }
}
