import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { rules as someRules } from '~~/tests/support/rule-arbitraries'
import { rulesAt, withRule, withRuleAdded, withRuleMoved, withoutThis, withoutRule } from './rule-edits'
import { ruleTree } from './rule-tree'
import type { Rule } from './index'

const flag = (is: boolean): Rule => ({ rule: 'flag', flag: 'pinned', is })
const group = (...rules: Rule[]): Rule => ({ rule: 'group', join: 'any', rules })

describe('rules in groups', () => {
  it('are changed, added and removed at their place', () => {
    const rules = [flag(true), group(flag(true), group())]
    expect(withRule(rules, [1, 0], flag(false))).toEqual([flag(true), group(flag(false), group())])
    expect(withRuleAdded(rules, [1, 1], flag(false))).toEqual([
      flag(true),
      group(flag(true), group(flag(false))),
    ])
    expect(withoutRule(rules, [1, 1])).toEqual([flag(true), group(flag(true))])
    expect(rulesAt(rules, [0])).toBeNull()
  })

  it('are moved into groups that move up meanwhile, and never into themselves', () => {
    expect(withRuleMoved([flag(true), group(flag(false))], [0], [1], 1)).toEqual([
      group(flag(false), flag(true)),
    ])
    expect(withRuleMoved([group(flag(false)), flag(true)], [0, 0], [], 2)).toEqual([
      group(),
      flag(true),
      flag(false),
    ])
    const whole = [group(group())]
    expect(withRuleMoved(whole, [0], [0, 0], 0)).toBe(whole)
  })

  it('are without one, wherever it is', () => {
    const inner = flag(true)
    expect(withoutThis([group(flag(false), group(inner)), flag(true)], inner)).toEqual([
      group(flag(false), group()),
      flag(true),
    ])
  })

  it('are all there after any move', () => {
    const kinds = (rules: readonly Rule[]) =>
      ruleTree(rules)
        .map(({ rule }) => rule.rule)
        .toSorted()
    const places = fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 3 })
    fc.assert(
      fc.property(
        fc.array(someRules, { maxLength: 4 }),
        places,
        places,
        fc.integer({ min: 0, max: 3 }),
        (rules, from, to, at) => {
          expect(kinds(withRuleMoved(rules, from, to, at))).toEqual(kinds(rules))
        },
      ),
    )
  })
})
