import type { From } from '../listing/from'
import { rulePhrase, rulesPhrase } from '../rules/asking'
import type { Words } from '../words'

/** What takes entries away, one after the other, in the order of the tally. */
export type Step =
  /** The collections' entries that visitors may see. */
  | {
      readonly kind:
        'collections' | 'picks' | 'page' | 'rules' | 'never' | 'thisEntry' | 'shownAbove' | 'visitor'
    }
  | { readonly kind: 'rule'; /** Which of the outermost rules. */ readonly at: number }

/** The steps of a From clause. Rules joined by “all” are a step each; rules switched off are none. */
export function stepsOf(from: From): readonly Step[] {
  const rules: readonly Step[] =
    from.join === 'all'
      ? from.rules.flatMap((rule, at): readonly Step[] => (rule.off === true ? [] : [{ kind: 'rule', at }]))
      : from.rules.some((rule) => rule.off !== true)
        ? [{ kind: 'rules' }]
        : []
  return [
    { kind: 'collections' },
    ...(from.by === 'hand' ? [{ kind: 'picks' } as const] : []),
    ...(from.by === 'page' ? [{ kind: 'page' } as const] : []),
    ...(from.by === 'hand' ? [] : rules),
    ...(from.never.length > 0 ? [{ kind: 'never' } as const] : []),
    ...(from.leaveOut.includes('thisEntry') ? [{ kind: 'thisEntry' } as const] : []),
    ...(from.leaveOut.includes('shownAbove') ? [{ kind: 'shownAbove' } as const] : []),
  ]
}

/** A step in words, as the tally names it. */
export function stepPhrase(step: Step, from: From, words: Words): string {
  switch (step.kind) {
    case 'collections':
      return from.collections.map((id) => words.collection(id)?.plural.toLowerCase() ?? 'entries').join(', ')
    case 'picks':
      return 'picked by hand'
    case 'page':
      return 'of the page'
    case 'rules':
      return rulesPhrase(from.join, from.rules, words) ?? 'rules'
    case 'never':
      return `without ${from.never.length} always out`
    case 'thisEntry':
      return 'without the page’s entry'
    case 'shownAbove':
      return 'without what is shown above'
    case 'visitor':
      return 'chosen by the visitor'
    case 'rule': {
      const rule = from.rules[step.at]
      return rule === undefined ? '' : rulePhrase(rule, words)
    }
  }
}
