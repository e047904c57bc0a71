import fc from 'fast-check'
import { fieldTypes } from '~~/core/content/fields'
import type { Field } from '~~/core/content/field'
import type { Rule } from '~~/core/rules'
import { operators } from '~~/core/rules/field'
import type { FieldQuestion, Operator } from '~~/core/rules/field-questions'
import { flags } from '~~/core/rules/flag'
import { windowUnits } from '~~/core/time/windows'
import type { DateWindow } from '~~/core/time/windows'
import { fieldNamed, fieldsOfTrial } from './trial-fields'
import { whenStates } from '~~/core/rules/when'

/** Random rules of every kind over the trial content, sound ones and nonsense. */
const days = fc.option(
  fc
    .integer({ min: -15, max: 15 })
    .map((day) => new Date(Date.UTC(2026, 2, 1) + day * 86_400_000).toISOString().slice(0, 10)),
)

export const windows: fc.Arbitrary<DateWindow> = fc.oneof(
  fc.record({ is: fc.constant('between' as const), from: days, to: days }),
  fc.record({
    is: fc.constantFrom('last' as const, 'next' as const),
    count: fc.integer({ min: 1, max: 20 }),
    unit: fc.constantFrom(...windowUnits),
  }),
  fc.record({ is: fc.constant('this' as const), unit: fc.constantFrom(...windowUnits) }),
  fc.record({ is: fc.constantFrom('upcoming' as const, 'past' as const) }),
)

/** Whole values, parts of them in eight scripts, other cases and accents, and what means something to SQL. */
const askedTexts = [
  'ECLAIR',
  'Éclair',
  'bean',
  'e',
  '種',
  'カラス',
  'ガラス',
  'दान',
  'กิน',
  '가',
  'ΟΔΟΣ',
  'шалфей',
  'שלום',
  'محمد',
  'STRASSE',
  'can’t',
  'seeds',
  '/seeds',
  'Seeds /',
  '%',
  '_',
  '\\',
  '',
]
const moments = ['day', 'moment'].map((key) => fieldNamed(key).id)

const keyValues = ['clay', 'loam', 'sand', 'yes', 'no', '1001', '1002', '#a8431f']
const limits: Partial<Record<Field['type'], fc.Arbitrary<unknown>>> = {
  // Finer than the field takes, and beyond what it takes.
  number: fc.integer({ min: -12, max: 32 }).map((quarters) => quarters / 4),
  money: fc.record({
    amount: fc.integer({ min: -10, max: 250 }),
    currency: fc.constantFrom('EUR', 'EUR', 'GBP', 'JPY'),
  }),
  rating: fc.integer({ min: 0, max: 12 }).map((halves) => halves / 2),
  duration: fc.integer({ min: 0, max: 240 }),
}

function askedOf(field: Field, operator: Operator): fc.Arbitrary<FieldQuestion> {
  switch (operator) {
    case 'any':
    case 'all':
    case 'none':
      return fc.record({ is: fc.constant(operator), values: fc.subarray(keyValues, { maxLength: 3 }) })
    case 'between': {
      const limit = fc.option(limits[field.type] ?? fc.integer({ min: 0, max: 9 }))
      return fc.record({ is: fc.constant(operator), from: limit, to: limit })
    }
    case 'within':
      return fc.record({ is: fc.constant(operator), window: windows })
    case 'running':
      // Days and moments of both, a field that holds neither, and one that is gone.
      return fc.record({
        is: fc.constant(operator),
        until: fc.constantFrom(...moments, fieldNamed('count').id, 998),
      })
    case 'equal':
    case 'begins':
    case 'contains':
      return fc.record({
        is: fc.constant(operator),
        text: fc.constantFrom(...askedTexts),
        ...(operator === 'equal' ? { loose: fc.constantFrom(true, false) } : {}),
      })
    case 'present':
    case 'absent':
      return fc.constant({ is: operator })
  }
}

const fieldRules: fc.Arbitrary<Rule> = fc
  .constantFrom(...fieldsOfTrial(1), ...fieldsOfTrial(2).slice(0, 3))
  .chain((field) =>
    fc
      .constantFrom(...operators[fieldTypes.get(field.type).filter])
      .chain((operator) =>
        askedOf(field, operator).map((asked): Rule => ({ rule: 'field', field: field.id, asked })),
      ),
  )

const off = fc.constantFrom({}, {}, {}, { off: true })

const plain: fc.Arbitrary<Rule> = fc.oneof(
  {
    weight: 2,
    arbitrary: fc.record({
      rule: fc.constant('terms' as const),
      facet: fc.constant(10),
      is: fc.constantFrom('any' as const, 'all' as const, 'none' as const),
      terms: fc.subarray([11, 12, 13, 14, 99]),
    }),
  },
  fc.record({
    rule: fc.constant('author' as const),
    is: fc.constantFrom('any' as const, 'none' as const),
    authors: fc.subarray([21, 22, 98]),
  }),
  fc.record({ rule: fc.constant('date' as const), window: windows }),
  fc.record({
    rule: fc.constant('when' as const),
    asked: fc.oneof(
      fc.record({ is: fc.constantFrom(...whenStates) }),
      fc.record({ is: fc.constant('within' as const), window: windows }),
    ),
  }),
  fc.record({ rule: fc.constant('flag' as const), flag: fc.constantFrom(...flags), is: fc.boolean() }),
  fc.record({
    rule: fc.constant('words' as const),
    words: fc.constantFrom('eclair', 'Beans', '10 beans', '…', '種子', '子', 'strasse', 'δρόμος'),
  }),
  fc.constant<Rule>({ rule: 'related' }),
  { weight: 6, arbitrary: fieldRules },
  // A field that is gone, and an operator that its type has no longer.
  fc.constantFrom<Rule[]>(
    { rule: 'field', field: 999, asked: { is: 'present' } },
    { rule: 'field', field: 31, asked: { is: 'contains', text: 'x' } },
  ),
)

export const rules: fc.Arbitrary<Rule> = fc.letrec<{ rule: Rule; group: Rule }>((tie) => ({
  rule: fc
    .tuple(
      fc.oneof({ depthSize: 'small', withCrossShrink: true }, { weight: 4, arbitrary: plain }, tie('group')),
      off,
    )
    .map(([rule, switched]): Rule => ({ ...rule, ...switched })),
  group: fc.record({
    rule: fc.constant('group' as const),
    join: fc.constantFrom('all' as const, 'any' as const, 'none' as const),
    rules: fc.array(tie('rule'), { maxLength: 3 }),
  }),
})).rule
