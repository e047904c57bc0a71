import type { Rule } from './index'

/** Where a rule stands: its place among the outermost rules, then in the group there, and so on. */
export type RulePlace = readonly number[]

/** The rules of the group at a place; those of the clause itself for no place. Null where no group is. */
export function rulesAt(rules: readonly Rule[], group: RulePlace): readonly Rule[] | null {
  const [at, ...deeper] = group
  if (at === undefined) return rules
  const rule = rules[at]
  return rule?.rule === 'group' ? rulesAt(rule.rules, deeper) : null
}

/** The rules with those of one group put in place of what was there. */
export function withRulesAt(
  rules: readonly Rule[],
  group: RulePlace,
  change: (rules: readonly Rule[]) => readonly Rule[],
): readonly Rule[] {
  const [at, ...deeper] = group
  if (at === undefined) return change(rules)
  return rules.map((rule, index) =>
    index === at && rule.rule === 'group'
      ? { ...rule, rules: withRulesAt(rule.rules, deeper, change) }
      : rule,
  )
}

/** The rules with one of them changed. */
export function withRule(rules: readonly Rule[], place: RulePlace, next: Rule): readonly Rule[] {
  return withRulesAt(rules, place.slice(0, -1), (list) =>
    list.map((rule, at) => (at === place.at(-1) ? next : rule)),
  )
}

export function withoutRule(rules: readonly Rule[], place: RulePlace): readonly Rule[] {
  return withRulesAt(rules, place.slice(0, -1), (list) => list.filter((_, at) => at !== place.at(-1)))
}

/** The rules without one, wherever among them it is. */
export function withoutThis(rules: readonly Rule[], gone: Rule): readonly Rule[] {
  return rules.flatMap((rule) =>
    rule === gone ? [] : [rule.rule === 'group' ? { ...rule, rules: withoutThis(rule.rules, gone) } : rule],
  )
}

/** The rules with a new one in a group, at a place among its rules. */
export function withRuleAdded(
  rules: readonly Rule[],
  group: RulePlace,
  rule: Rule,
  at = Infinity,
): readonly Rule[] {
  return withRulesAt(rules, group, (list) => list.toSpliced(Math.min(at, list.length), 0, rule))
}

/**
 * The rules with one of them moved into a group, to a place among the rules that are there without
 * it. A group is not moved into itself: then nothing changes.
 */
export function withRuleMoved(
  rules: readonly Rule[],
  from: RulePlace,
  group: RulePlace,
  at: number,
): readonly Rule[] {
  const moved = rulesAt(rules, from.slice(0, -1))?.[from.at(-1) ?? -1]
  if (
    moved === undefined ||
    from.every((step, index) => group[index] === step) ||
    rulesAt(rules, group) === null
  )
    return rules
  return withRuleAdded(withoutRule(rules, from), afterRemoval(group, from), moved, at)
}

/**
 * Where a group stands once the rule at `removed` is gone: one earlier if that stood before it in a
 * list they share.
 */
function afterRemoval(group: RulePlace, removed: RulePlace): RulePlace {
  const depth = removed.length - 1
  const shared = removed.slice(0, depth).every((step, index) => group[index] === step)
  const [step, last] = [group[depth], removed[depth]]
  if (!shared || step === undefined || last === undefined || step <= last) return group
  return group.with(depth, step - 1)
}
