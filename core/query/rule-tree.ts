import type { Listing } from '../listing/definition'
import type { From } from '../listing/from'
import { predicateOfRule, troubleOf } from '../rules/asking'
import type { PlanContext, QuestionContext } from '../rules/context'
import type { Predicate } from '../rules/predicate'
import type { Rule } from '../rules'

/** A rule with its path in the From clause: `rules[0].rules[2]`. */
export interface PlacedRule {
  readonly path: string
  readonly rule: Rule
}

/** Every rule of a clause, groups before what is in them. */
export function ruleTree(rules: readonly Rule[], within = ''): readonly PlacedRule[] {
  return rules.flatMap((rule, at): readonly PlacedRule[] => {
    const path = `${within}rules[${at}]`
    return [{ path, rule }, ...(rule.rule === 'group' ? ruleTree(rule.rules, `${path}.`) : [])]
  })
}

/** Whether a listing asks when entries happen, if only by a rule that is switched off. */
export function asksWhen({ from, order }: Pick<Listing, 'from' | 'order'>): boolean {
  return (
    order.keys.some((key) => key.by === 'when') ||
    ruleTree(from.rules).some(({ rule }) => rule.rule === 'when')
  )
}

/** What each rule that can be asked asks by itself, also where it is switched off. */
export function askedAlone(
  from: From,
  question: QuestionContext,
): readonly { readonly path: string; readonly asks: Predicate }[] {
  const context: PlanContext = { ...question, collections: from.collections }
  return ruleTree(from.rules).flatMap(({ path, rule }) =>
    troubleOf(rule, context.words) === null ? [{ path, asks: predicateOfRule(rule, context) }] : [],
  )
}
