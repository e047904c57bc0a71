import { array, boolean, lazy, object, string } from 'yup'
import type { Schema } from 'yup'
import type { Registry } from '../../registry'
import { andList, orList } from '../../words'
import type { Words } from '../../words'
import type { PlanContext } from '../plan-context'
import { everything, nothing } from '../predicate'
import type { Predicate } from '../predicate'
import { unfinished } from './define'
import type { RuleBase, RuleKind } from './define'
import type { AnyRuleKind, Rule } from './index'

export type Join = 'all' | 'any' | 'none'
export const joins = ['all', 'any', 'none'] as const satisfies readonly Join[]

/** Rules joined: an entry must pass all, any or none of them. Groups nest. */
export interface GroupRule extends RuleBase {
  readonly rule: 'group'
  readonly join: Join
  readonly rules: readonly Rule[]
}

/** What groups need to know of the rules in them: given later, since a group is itself a rule. */
export interface Rules {
  readonly kinds: () => Registry<AnyRuleKind>
  readonly schema: () => Schema<Rule>
}

/** The kind of rule that joins others. */
export function groupOf(rules: Rules): RuleKind<'group', GroupRule> {
  return {
    name: 'group',
    title: 'Group of rules',
    schema: object({
      rule: string<'group'>().oneOf(['group']).required(),
      off: boolean(),
      join: joinSchema,
      rules: array(lazy(() => rules.schema() as never)).max(40, 'Use at most 40 rules.').required(),
    })
      .noUnknown()
      .required() as never,
    fresh: () => ({ rule: 'group', join: 'any', rules: [] }),
    phrase: (rule, words) => `(${joinedPhrase(rules.kinds(), rule.join, rule.rules, words) ?? 'a group without rules'})`,
    trouble: (rule, words) => (asking(rules.kinds(), rule.rules, words).length === 0 ? unfinished('Add a rule to this group.') : null),
    predicate: (rule, context) => joined(rules.kinds(), rule.join, rule.rules, context),
    moves: (rule) => rule.rules.some((one) => one.off !== true && rules.kinds().get(one.rule).moves?.(one) === true),
  }
}

export const joinSchema = string<Join>().oneOf([...joins], 'Rules are joined by all, any or none.').required()

/** The rules that ask something: switched on, and not waiting for something to be chosen. */
export function asking(kinds: Registry<AnyRuleKind>, given: readonly Rule[], words: Words): readonly Rule[] {
  return given.filter((one) => one.off !== true && kinds.get(one.rule).trouble(one, words)?.kind !== 'unfinished')
}

/** Rules joined in words; null when none asks anything. */
export function joinedPhrase(kinds: Registry<AnyRuleKind>, join: Join, given: readonly Rule[], words: Words): string | null {
  const phrases = asking(kinds, given, words).map((one) => kinds.get(one.rule).phrase(one, words))
  if (phrases.length === 0) return null
  if (join === 'none') return `neither ${orList(phrases, words.locale)}`
  return (join === 'all' ? andList : orList)(phrases, words.locale)
}

/** What one rule asks. A broken one asks nothing, or lets nothing pass, as the site chooses. */
export function predicateOf(kinds: Registry<AnyRuleKind>, rule: Rule, context: PlanContext): Predicate {
  const kind = kinds.get(rule.rule)
  if (kind.trouble(rule, context.words)?.kind === 'broken') return context.broken === 'nothing' ? nothing : everything
  return kind.predicate(rule, context)
}

/** What rules joined ask. Rules that ask nothing are left out; broken ones too, unless the site wants nothing shown. */
export function joined(kinds: Registry<AnyRuleKind>, join: Join, given: readonly Rule[], context: PlanContext): Predicate {
  const asked = asking(kinds, given, context.words)
  const sound = asked.filter((one) => kinds.get(one.rule).trouble(one, context.words) === null)
  if (context.broken === 'nothing' && sound.length < asked.length) return nothing
  const of = sound.map((one) => kinds.get(one.rule).predicate(one, context))
  if (of.length === 0) return everything
  return join === 'none' ? { test: 'not', of: { test: 'any', of } } : { test: join, of }
}
