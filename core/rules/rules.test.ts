import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rules as someRules } from '~~/tests/support/rule-arbitraries'
import { indexedEntries } from '~~/tests/support/arbitraries'
import { fieldNamed, fieldsOfTrial, internedKey, trialWords } from '~~/tests/support/trial-fields'
import { fieldTypes } from '../content/fields'
import { indexedValues } from '../content/field'
import { newListing } from '../listing/definition'
import { parseWith } from '../parsing'
import { predicateOfRule, predicateOfRules, rulePhrase, troubleOf } from './asking'
import { movementOf } from '../query/moving'
import { plainContext } from './context'
import { nothing, passes } from './predicate'
import { ruleSchema, rules } from './index'
import type { Rule } from './index'
import { operators } from './field'
import type { FieldQuestion } from './field-questions'
import { rowOf } from '../content/row'
import { blankIndexed } from '~~/tests/support/rows'

const ask = (key: string, asked: FieldQuestion): Rule => ({ rule: 'field', field: fieldNamed(key).id, asked })
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
    for (const field of fieldsOfTrial(1))
      expect(operators[fieldTypes.get(field.type).filter], field.type).toContain('present')
  })

  it.each<[Rule, string]>([
    [ask('count', { is: 'between', from: 1.5, to: 3 }), 'with count from 1.5 to 3'],
    [
      ask('price', { is: 'between', from: { amount: 250, currency: 'EUR' }, to: null }),
      'with price at least €2.50',
    ],
    [ask('kind', { is: 'all', values: ['clay', 'loam'] }), 'with kind Clay and Loam'],
    [ask('kind', { is: 'none', values: ['sand'] }), 'with kind not Sand'],
    [ask('ready', { is: 'any', values: ['yes'] }), 'with ready'],
    [ask('ready', { is: 'any', values: ['no'] }), 'without ready'],
    [ask('ready', { is: 'any', values: ['yes', 'no'] }), 'with ready Yes or No'],
    [ask('day', { is: 'within', window: { is: 'next', count: 2, unit: 'week' } }), 'with day next 2 weeks'],
    [ask('moment', { is: 'running', until: fieldNamed('day').id }), 'running now, from moment to day'],
    [ask('moment', { is: 'running', until: 0 }), 'running now, from moment'],
    [ask('label', { is: 'begins', text: 'Be' }), 'with label beginning with “Be”'],
    [ask('where', { is: 'absent' }), 'without where'],
  ])('reads as words: %j', (rule, words) => {
    expect(said(rule)).toBe(words)
  })

  it.each<[Rule, string | null, string | undefined]>([
    [
      ask('count', { is: 'between', from: 3, to: 1 }),
      'broken',
      'The least is more than the most. Swap them.',
    ],
    [
      ask('count', { is: 'between', from: 'three', to: null }),
      'broken',
      '“count” is of another type now. Give the limits anew.',
    ],
    [
      ask('count', { is: 'contains', text: 'x' }),
      'broken',
      '“count” is of another type now, and this can’t be asked of it. Choose anew.',
    ],
    [
      ask('day', { is: 'within', window: { is: 'between', from: '2026-02-01', to: '2026-01-01' } }),
      'broken',
      'The first day lies after the last. Swap them.',
    ],
    [
      ask('kind', { is: 'any', values: ['gone'] }),
      'broken',
      'What this rule chooses is no longer one of the choices. Choose anew.',
    ],
    [ask('kind', { is: 'any', values: [] }), 'unfinished', 'Choose at least one.'],
    [ask('count', { is: 'between', from: null, to: null }), 'unfinished', 'Give a least, a most, or both.'],
    [ask('count', { is: 'between', from: 100, to: null }), null, undefined],
    [
      { rule: 'terms', facet: 10, is: 'all', terms: [11, 99] },
      'broken',
      'A term of this rule was deleted. Choose another, or remove it here.',
    ],
    [{ rule: 'terms', facet: 10, is: 'any', terms: [11, 99] }, null, undefined],
  ])('says what is wrong: %j', (rule, kind, message) => {
    expect([trouble(rule)?.kind ?? null, trouble(rule)?.message]).toEqual([kind, message])
  })
})

describe('rules that take no part', () => {
  const context = { ...plainContext(Date.UTC(2026, 2, 1), trialWords), collections: [1], keyOf: internedKey }
  const sound: Rule = { rule: 'flag', flag: 'picture', is: true }
  const gone: Rule = { rule: 'field', field: 999, asked: { is: 'present' } }
  const group = (join: 'all' | 'any' | 'none', ...within: readonly Rule[]): Rule => ({
    rule: 'group',
    join,
    rules: within,
  })

  it.each([
    ['any', [sound, group('any', gone)], [sound]],
    ['none', [sound, group('any', gone)], [sound]],
    ['none', [group('all', gone)], []],
    ['all', [group('none', group('none', gone))], []],
    [
      'any',
      [group('all', gone, sound), group('any', { rule: 'terms', facet: 10, is: 'any', terms: [] })],
      [group('all', sound)],
    ],
  ] as const)('turn nothing over, wherever they stand: %s of %j', (join, given, left) => {
    expect(predicateOfRules(join, given, context)).toEqual(predicateOfRules(join, left, context))
    expect(predicateOfRules(join, given, { ...context, broken: 'nothing' })).toEqual(nothing)
  })

  // Referee: the same rules with those that make no sense taken out beforehand.
  it('leave every question as it is without them', () => {
    const without = (given: readonly Rule[]): readonly Rule[] =>
      given.flatMap((rule): readonly Rule[] => {
        if (rule.off === true || troubleOf(rule, trialWords) !== null) return []
        if (rule.rule !== 'group') return [rule]
        const within = without(rule.rules)
        return within.length === 0 ? [] : [{ ...rule, rules: within }]
      })
    fc.assert(
      fc.property(
        fc.array(someRules, { maxLength: 5 }),
        fc.constantFrom('all' as const, 'any' as const, 'none' as const),
        indexedEntries,
        (given, join, entries) => {
          const [asked, left] = [
            predicateOfRules(join, given, context),
            predicateOfRules(join, without(given), context),
          ]
          expect(entries.map((entry) => passes(asked, rowOf(entry)))).toEqual(
            entries.map((entry) => passes(left, rowOf(entry))),
          )
        },
      ),
    )
  })
})

describe('limits', () => {
  it.each<[string, unknown, unknown]>([
    ['count', 1.25, 4.5],
    ['count', -1e9, 1e9],
    ['grade', 0, 5],
    ['grade', 2.5, 4.5],
    ['length', 0, 1.5],
    ['price', { amount: -5, currency: 'EUR' }, { amount: 90, currency: 'EUR' }],
    ['price', { amount: 5, currency: 'USD' }, null],
  ])('may be finer than what %s takes, or beyond it: %j to %j', (key, from, to) => {
    expect(trouble(ask(key, { is: 'between', from, to }))).toBeNull()
  })

  it('are of one currency, and compare with amounts in that one', () => {
    expect(
      trouble(
        ask('price', {
          is: 'between',
          from: { amount: 1, currency: 'EUR' },
          to: { amount: 9, currency: 'GBP' },
        }),
      )?.message,
    ).toBe('The least is in EUR, the most in GBP. Give both in one.')
    const context = { ...plainContext(0, trialWords), collections: [1], keyOf: internedKey }
    const price = fieldNamed('price').id
    const indexedPrice = (amount: number, currency: string) => {
      const { sort, keys } = indexedValues(fieldsOfTrial(1), { [price]: { amount, currency } }, 'en-GB')
      return rowOf({
        ...blankIndexed,
        values: sort,
        keys: keys.map((one) => internedKey(one.fieldId, one.value)),
      })
    }
    const asked = predicateOfRule(
      ask('price', { is: 'between', from: { amount: 100, currency: 'EUR' }, to: null }),
      context,
    )
    expect([
      passes(asked, indexedPrice(150, 'EUR')),
      passes(asked, indexedPrice(150, 'GBP')),
      passes(asked, indexedPrice(50, 'EUR')),
    ]).toEqual([true, false, false])
  })
})

describe('what is running now', () => {
  const noon = Date.UTC(2026, 2, 1, 12)
  const hour = 3_600_000
  const [moment, day] = [fieldNamed('moment').id, fieldNamed('day').id]
  const context = { ...plainContext(noon, trialWords), collections: [1] }
  const runs = (rule: Rule, values: Readonly<Record<number, unknown>>) =>
    passes(
      predicateOfRule(rule, context),
      rowOf({ ...blankIndexed, values: indexedValues(fieldsOfTrial(1), values, 'en-GB').sort }),
    )

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
    const { passes: passing, turnsAt } = movementOf(
      { ...listing, from: { ...listing.from, rules: [ask('day', { is: 'running', until: moment })] } },
      noon,
      trialWords,
    )
    expect(passing.flatMap((column) => column.fields.map((one) => one.field))).toEqual([moment])
    expect(turnsAt).not.toBeNull()
  })
})
