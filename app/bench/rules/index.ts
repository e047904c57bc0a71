import type { Component } from 'vue'
import type { Catalogue } from '~~/core/content/catalogue'
import { rules } from '~~/core/query/rules'
import type { Rule, RuleName } from '~~/core/query/rules'
import { words } from '../words'
import AuthorRule from './AuthorRule.vue'
import PublishedWithinRule from './PublishedWithinRule.vue'
import TermsRule from './TermsRule.vue'

/** The control of every kind of rule. */
export const ruleComponents: Record<RuleName, Component> = {
  terms: TermsRule,
  author: AuthorRule,
  'published-within': PublishedWithinRule,
}

/** What a rule is called in the drawer. */
export function ruleTitle(rule: Rule, catalogue: Catalogue): string {
  const facet = rule.rule === 'terms' ? catalogue.facets.find((one) => one.id === rule.facet) : undefined
  if (rule.rule === 'terms') return words.terms(facet?.name ?? rules.get('terms').title)
  return rule.rule === 'author' ? words.authors : words.publishedWithin
}

/** The rules that can be added for a collection: one for each of its facets, then the others. */
export function freshRules(catalogue: Catalogue, collectionId: number): readonly { title: string; rule: Rule }[] {
  const facets = catalogue.collections.find((one) => one.id === collectionId)?.facets ?? []
  return rules.all.flatMap((kind) =>
    kind.name === 'terms'
      ? facets.map((facet) => ({
          title: catalogue.facets.find((one) => one.id === facet)?.name ?? kind.title,
          rule: { rule: 'terms', facet, any: [] } as const,
        }))
      : [{ title: kind.title, rule: kind.fresh() }],
  )
}
