import type { Rule } from './index'

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
