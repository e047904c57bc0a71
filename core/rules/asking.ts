import type { Words } from '../words'
import { asking, joined, joinedPhrase } from './group'
import type { Join } from './group'
import { rules } from './index'
import type { Rule } from './index'
import type { RuleTrouble } from './define'
import type { PlanContext } from './context'
import type { Predicate } from './predicate'

/** The rules that ask something: switched on, and not waiting for something to be chosen. */
export function rulesAsking(given: readonly Rule[], words: Words): readonly Rule[] {
  return asking(rules, given, words)
}

/**
 * What one rule asks, also where it is switched off. A broken one asks nothing, or lets nothing
 * pass, as the site chooses.
 */
export function predicateOfRule(rule: Rule, context: PlanContext): Predicate {
  return joined(rules, 'all', [{ ...rule, off: false }], context)
}

/** What several rules ask together. */
export function predicateOfRules(join: Join, given: readonly Rule[], context: PlanContext): Predicate {
  return joined(rules, join, given, context)
}

/** A rule in words. */
export function rulePhrase(rule: Rule, words: Words): string {
  return rules.get(rule.rule).phrase(rule, words)
}

/** Rules in words: “in Soil or Seed and by Maud Ferris”; null when none asks anything. */
export function rulesPhrase(join: Join, given: readonly Rule[], words: Words): string | null {
  return joinedPhrase(rules, join, given, words)
}

/** Why a rule can't be asked, or null when it can. */
export function troubleOf(rule: Rule, words: Words): RuleTrouble | null {
  return rules.get(rule.rule).trouble(rule, words)
}

/** Whether what a rule asks changes by the clock alone. */
export function movesByClock(rule: Rule): boolean {
  return rule.off !== true && rules.get(rule.rule).moves?.(rule) === true
}

/** How deep rules may nest, the outermost counting as 1. */
export const deepestRules = 6

/** As many rules as a listing may have, those in groups and the groups themselves counted. */
export const mostRules = 200

/** How deep rules nest, 1 for rules without groups, and how many they are. Takes what is not checked yet. */
export function measureOf(given: unknown): { readonly depth: number; readonly count: number } {
  if (!Array.isArray(given)) return { depth: 0, count: 0 }
  const inner = given.map((rule: unknown) =>
    measureOf(typeof rule === 'object' && rule !== null ? Reflect.get(rule, 'rules') : undefined),
  )
  return {
    depth: 1 + Math.max(0, ...inner.map((one) => one.depth)),
    count: given.length + inner.reduce((sum, one) => sum + one.count, 0),
  }
}
