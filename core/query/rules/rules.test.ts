import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rules as someRules } from '~~/tests/support/rule-arbitraries'
import { fieldNamed, fieldsOfTrial, trialWords } from '~~/tests/support/trial-fields'
import { fieldTypes } from '../../content/fields'
import { parseWith } from '../../parsing'
import { rulePhrase, troubleOf } from '../asking'
import { ruleSchema, rules } from './index'
import type { Rule } from './index'
import { operators } from './field'
import type { Asked } from './field'

const ask = (key: string, asked: Asked): Rule => ({ rule: 'field', field: fieldNamed(key).id, asked })
const said = (rule: Rule) => rulePhrase(rule, trialWords)
const trouble = (rule: Rule) => troubleOf(rule, trialWords)

describe('every kind of rule', () => {
  it('keeps what it says, has words for it, and tells what is wrong with a sentence that helps', () => {
    fc.assert(
      fc.property(someRules, (rule) => {
        expect(parseWith(ruleSchema, JSON.parse(JSON.stringify(rule)))).toEqual({ ok: true, value: rule })
        expect(said(rule)).not.toMatch(/undefined|null|NaN|^$/)
        expect(trouble(rule)?.message ?? 'Fine.').toMatch(/^[A-Z“0-9].*\.$/)
      }),
    )
  })

  it('starts from something that is taken', () => {
    for (const kind of rules.all) expect(parseWith(ruleSchema, kind.fresh()).ok, kind.name).toBe(true)
  })

  it('refuses anything else without failing', () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => void parseWith(ruleSchema, value)))
    expect(parseWith(ruleSchema, { rule: 'field', field: 1, asked: { is: 'louder' } }).ok).toBe(false)
  })
})

describe('a rule on a field', () => {
  it('has something to ask of every type', () => {
    for (const field of fieldsOfTrial(1)) expect(operators[fieldTypes.get(field.type).filter], field.type).toContain('present')
  })

  it.each<[Rule, string]>([
    [ask('count', { is: 'between', from: 1.5, to: 3 }), 'count from 1.5 to 3'],
    [ask('price', { is: 'between', from: { amount: 250, currency: 'EUR' }, to: null }), 'price at least €2.50'],
    [ask('kind', { is: 'all', values: ['clay', 'loam'] }), 'kind Clay and Loam'],
    [ask('kind', { is: 'none', values: ['sand'] }), 'kind not Sand'],
    [ask('ready', { is: 'any', values: ['yes'] }), 'ready Yes'],
    [ask('day', { is: 'within', window: { is: 'next', count: 2, unit: 'week' } }), 'day next 2 weeks'],
    [ask('label', { is: 'begins', text: 'Be' }), 'label begins with “Be”'],
    [ask('where', { is: 'absent' }), 'where is not given'],
  ])('reads as words: %j', (rule, words) => {
    expect(said(rule)).toBe(words)
  })

  it.each<[Rule, string | null, string | undefined]>([
    [ask('count', { is: 'between', from: 3, to: 1 }), 'broken', 'The least is more than the most. Swap them.'],
    [ask('count', { is: 'between', from: 'three', to: null }), 'broken', '“count” is of another type now. Give the limits anew.'],
    [ask('count', { is: 'contains', text: 'x' }), 'broken', '“count” is of another type now, and this can’t be asked of it. Choose anew.'],
    [ask('day', { is: 'within', window: { is: 'between', from: '2026-02-01', to: '2026-01-01' } }), 'broken', 'The first day lies after the last. Swap them.'],
    [ask('kind', { is: 'any', values: ['gone'] }), 'broken', 'What this rule chooses is no longer one of the choices. Choose anew.'],
    [ask('kind', { is: 'any', values: [] }), 'unfinished', 'Choose at least one.'],
    [ask('count', { is: 'between', from: null, to: null }), 'unfinished', 'Give a least, a most, or both.'],
    [ask('count', { is: 'between', from: 100, to: null }), null, undefined],
    [{ rule: 'terms', facet: 10, is: 'all', terms: [11, 99] }, 'broken', 'A term of this rule was deleted. Choose another, or remove it here.'],
    [{ rule: 'terms', facet: 10, is: 'any', terms: [11, 99] }, null, undefined],
  ])('says what is wrong: %j', (rule, kind, message) => {
    expect([trouble(rule)?.kind ?? null, trouble(rule)?.message]).toEqual([kind, message])
  })
})
