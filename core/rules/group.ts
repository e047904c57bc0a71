import { array, boolean, lazy, object, string } from 'yup'
import type { Schema } from 'yup'
import type { Registry } from '../registry'
import { andList, orList } from '../words'
import type { Words } from '../words'
import type { PlanContext } from './context'
import { everything, nothing } from './predicate'
import type { Predicate } from './predicate'
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
      rules: array(lazy(() => rules.schema() as never))
        .max(40, 'Use at most 40 rules.')
        .required(),
    })
      .noUnknown()
      .required() as never,
    fresh: () => ({ rule: 'group', join: 'any', rules: [] }),
    phrase: (rule, words) =>
      `(${joinedPhrase(rules.kinds(), rule.join, rule.rules, words) ?? 'a group without rules'})`,
    trouble: (rule, words) =>
      asking(rules.kinds(), rule.rules, words).length === 0 ? unfinished('Add a rule to this group.') : null,
    predicate: (rule, context) => joinedSound(rules.kinds(), rule.join, rule.rules, context),
    moves: (rule) =>
      rule.rules.some((one) => one.off !== true && rules.kinds().get(one.rule).moves?.(one) === true),
  }
}

export const joinSchema = string<Join>()
  .oneOf([...joins], 'Rules are joined by all, any or none.')
  .required()

/** The rules that ask something: switched on, and not waiting for something to be chosen. */
export function asking(kinds: Registry<AnyRuleKind>, given: readonly Rule[], words: Words): readonly Rule[] {
  return given.filter(
    (one) => one.off !== true && kinds.get(one.rule).trouble(one, words)?.kind !== 'unfinished',
  )
}

/** Rules joined in words; null when none asks anything. */
export function joinedPhrase(
  kinds: Registry<AnyRuleKind>,
  join: Join,
  given: readonly Rule[],
  words: Words,
): string | null {
  const phrases = asking(kinds, given, words).map((one) => kinds.get(one.rule).phrase(one, words))
  if (phrases.length === 0) return null
  if (join === 'none') return `neither ${orList(phrases, words.locale)}`
  return (join === 'all' ? andList : orList)(phrases, words.locale)
}

/**
 * The rules that take part in the question: switched on, finished and sound; groups without the
 * others, and only where some are left. What takes no part turns nothing over, wherever it stands.
 */
export function takingPart(
  kinds: Registry<AnyRuleKind>,
  given: readonly Rule[],
  words: Words,
): readonly Rule[] {
  return given.flatMap((rule): readonly Rule[] => {
    if (rule.off === true || kinds.get(rule.rule).trouble(rule, words) !== null) return []
    if (rule.rule !== 'group') return [rule]
    const within = takingPart(kinds, rule.rules, words)
    return within.length === 0 ? [] : [{ ...rule, rules: within }]
  })
}

/**
 * Whether one of the rules, or one in their groups, makes no sense any more. What is switched off
 * does not count.
 */
export function hasBroken(kinds: Registry<AnyRuleKind>, given: readonly Rule[], words: Words): boolean {
  return given.some(
    (rule) =>
      rule.off !== true &&
      (kinds.get(rule.rule).trouble(rule, words)?.kind === 'broken' ||
        (rule.rule === 'group' && hasBroken(kinds, rule.rules, words))),
  )
}

/**
 * What rules joined ask; everything passes where none takes part. Where one is broken, nothing
 * does, if the site wants it so.
 */
export function joined(
  kinds: Registry<AnyRuleKind>,
  join: Join,
  given: readonly Rule[],
  context: PlanContext,
): Predicate {
  if (context.broken === 'nothing' && hasBroken(kinds, given, context.words)) return nothing
  const sound = takingPart(kinds, given, context.words)
  return sound.length === 0 ? everything : joinedSound(kinds, join, sound, context)
}

function joinedSound(
  kinds: Registry<AnyRuleKind>,
  join: Join,
  sound: readonly Rule[],
  context: PlanContext,
): Predicate {
  const of = sound.map((one) => kinds.get(one.rule).predicate(one, context))
  return join === 'none' ? { test: 'not', of: { test: 'any', of } } : { test: join, of }
}
