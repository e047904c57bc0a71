import type { From } from '../listing/from'
import { predicateOfRule, troubleOf } from '../rules/asking'
import type { PlanContext, QuestionContext } from '../rules/context'
import type { Predicate } from '../rules/predicate'
import { ruleTree } from '../rules/rule-tree'

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
