import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rules as someRules } from '~~/tests/support/rule-arbitraries'
import { fieldNamed, fieldsOfTrial, trialWords } from '~~/tests/support/trial-fields'
import { fieldTypes } from '../../content/fields'
import type { IndexedEntry } from '../../content/entry'
import { indexedValues } from '../../content/field'
import { newListing } from '../../listing/definition'
import { parseWith } from '../../parsing'
import { predicateOfRule, rulePhrase, troubleOf } from '../asking'
import { movementOf } from '../moving'
import { plainContext } from '../plan-context'
import { passes } from '../predicate'
import { ruleSchema, rules } from './index'
import type { Rule } from './index'
import { operators } from './field'
import type { Asked } from './field'

const blankIndexed: IndexedEntry = { id: 1, collectionId: 1, title: '', publishedAt: 0, expiresAt: null, views: 0, comments: 0, rating: null, pinned: false, keys: [], values: {}, words: [], reads: [] }

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
    [ask('count', { is: 'between', from: 1.5, to: 3 }), 'with count from 1.5 to 3'],
    [ask('price', { is: 'between', from: { amount: 250, currency: 'EUR' }, to: null }), 'with price at least €2.50'],
    [ask('kind', { is: 'all', values: ['clay', 'loam'] }), 'with kind Clay and Loam'],
    [ask('kind', { is: 'none', values: ['sand'] }), 'with kind not Sand'],
    [ask('ready', { is: 'any', values: ['yes'] }), 'with ready Yes'],
    [ask('day', { is: 'within', window: { is: 'next', count: 2, unit: 'week' } }), 'with day next 2 weeks'],
    [ask('moment', { is: 'running', until: fieldNamed('day').id }), 'running now, from moment to day'],
    [ask('moment', { is: 'running', until: 0 }), 'running now, from moment'],
    [ask('label', { is: 'begins', text: 'Be' }), 'with label beginning with “Be”'],
    [ask('where', { is: 'absent' }), 'without where'],
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

describe('what is running now', () => {
  const noon = Date.UTC(2026, 2, 1, 12)
  const hour = 3_600_000
  const [moment, day] = [fieldNamed('moment').id, fieldNamed('day').id]
  const context = { ...plainContext(noon, trialWords), collections: [1] }
  const runs = (rule: Rule, values: Readonly<Record<number, unknown>>) => passes(predicateOfRule(rule, context), { ...blankIndexed, values: indexedValues(fieldsOfTrial(1), values, 'en-GB').sort })

  it('has begun by now and not ended yet; days count to their end', () => {
    const untilDay = ask('moment', { is: 'running', until: day })
    expect(runs(untilDay, { [moment]: noon - hour, [day]: '2026-03-01' })).toBe(true)
    expect(runs(untilDay, { [moment]: noon, [day]: '2026-03-02' })).toBe(true)
    expect(runs(untilDay, { [moment]: noon + 1, [day]: '2026-03-02' })).toBe(false)
    expect(runs(untilDay, { [moment]: noon - hour, [day]: '2026-02-28' })).toBe(false)
    expect(runs(untilDay, { [moment]: noon - hour })).toBe(false)
    const untilMoment = ask('day', { is: 'running', until: moment })
    expect(runs(untilMoment, { [day]: '2026-03-01', [moment]: noon + 1 })).toBe(true)
    expect(runs(untilMoment, { [day]: '2026-03-01', [moment]: noon })).toBe(false)
    expect(runs(untilMoment, { [day]: '2026-03-02', [moment]: noon + hour })).toBe(false)
  })

  it('needs another field that says when it ends', () => {
    expect(trouble(ask('moment', { is: 'running', until: 0 }))?.kind).toBe('unfinished')
    expect(trouble(ask('moment', { is: 'running', until: 998 }))?.kind).toBe('broken')
    expect(trouble(ask('moment', { is: 'running', until: fieldNamed('count').id }))?.kind).toBe('broken')
    expect(trouble(ask('moment', { is: 'running', until: day }))).toBeNull()
  })

  it('changes when either of its moments comes', () => {
    const listing = newListing('Running', 1)
    const { passes: passing, turnsAt } = movementOf({ ...listing, from: { ...listing.from, rules: [ask('day', { is: 'running', until: moment })] } }, noon, trialWords)
    expect(passing.flatMap((column) => column.fields.map((one) => one.field))).toEqual([moment])
    expect(turnsAt).not.toBeNull()
  })
})
