import type { Component } from 'vue'
import { fieldsOfAll } from '~~/core/content/catalogue'
import type { Catalogue } from '~~/core/content/catalogue'
import { fieldTypes } from '~~/core/content/fields'
import { rules } from '~~/core/rules'
import type { Rule, RuleName } from '~~/core/rules'
import { operators } from '~~/core/rules/field'
import { freshQuestion } from '~~/core/rules/field-questions'
import AuthorRule from './AuthorRule.vue'
import DateRule from './DateRule.vue'
import FieldRule from './FieldRule.vue'
import FlagRule from './FlagRule.vue'
import TermsRule from './TermsRule.vue'
import WhenRule from './WhenRule.vue'
import WordsRule from './WordsRule.vue'
import { words } from './words'

/** The control of every kind of rule; groups hold a list of rules, and what is related has nothing to set. */
export const ruleComponents: Record<Exclude<RuleName, 'group' | 'related'>, Component> = {
  terms: TermsRule,
  author: AuthorRule,
  date: DateRule,
  when: WhenRule,
  field: FieldRule,
  flag: FlagRule,
  words: WordsRule,
}

/** What a rule is called in the drawer. */
export function ruleTitle(rule: Rule, catalogue: Catalogue): string {
  if (rule.rule === 'terms')
    return catalogue.facets.find((one) => one.id === rule.facet)?.name ?? rules.get('terms').title
  if (rule.rule === 'group') return words.group
  if (rule.rule === 'related') return words.related
  if (rule.rule !== 'field') return rules.get(rule.rule).title
  return (
    catalogue.collections.flatMap((one) => one.fields).find((one) => one.id === rule.field)?.name ??
    rules.get('field').title
  )
}

/** The rules that can be added for collections: one for each of their facets and fields, then the others. */
export function freshRules(
  catalogue: Catalogue,
  collectionIds: readonly number[],
): readonly { title: string; rule: Rule }[] {
  const collections = catalogue.collections.filter((one) => collectionIds.includes(one.id))
  const facets = [...new Set(collections.flatMap((one) => one.facets))]
  const fields = fieldsOfAll(catalogue, collectionIds).filter((field) => field.filterable)
  const plain = (name: Exclude<RuleName, 'terms' | 'field'>) => ({
    title: rules.get(name).title,
    rule: rules.get(name).fresh(),
  })
  return [
    ...facets.map((facet) => ({
      title: catalogue.facets.find((one) => one.id === facet)?.name ?? rules.get('terms').title,
      rule: { rule: 'terms', facet, is: 'any', terms: [] } as const,
    })),
    ...(collections.some((one) => one.happening.when !== null) ? [plain('when')] : []),
    plain('date'),
    plain('author'),
    ...fields.map((field) => ({
      title: field.name,
      rule: {
        rule: 'field',
        field: field.id,
        asked: freshQuestion(operators[fieldTypes.get(field.type).filter][0] ?? 'present'),
      } as const,
    })),
    plain('flag'),
    plain('words'),
    plain('related'),
    plain('group'),
  ]
}
