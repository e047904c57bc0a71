import { describe, expect, it } from 'vitest'
import { hasValue, indexedValues, keyOf, parseFieldInput } from './field'
import { numberField } from './fields/number'
import { shortText } from './fields/short-text'
import { yesNo } from './fields/yes-no'

describe('a field', () => {
  const good = {
    key: 'depth',
    name: 'Depth',
    type: 'number',
    settings: numberField.defaults,
    required: false,
    help: '',
    fallback: 3,
    filterable: true,
    sortable: true,
  }

  it('is taken with a default that fits its type', () => {
    expect(parseFieldInput(good)).toEqual({ ok: true, value: good })
    expect(parseFieldInput({ ...good, fallback: '' })).toEqual({
      ok: true,
      value: { ...good, fallback: null },
    })
  })

  it.each([
    [{ key: 'Depth in cm' }, 'key'],
    [{ name: '' }, 'name'],
    [{ type: 'hat' }, 'type'],
    [{ settings: { unit: 'cm' } }, 'settings.decimals'],
    [{ fallback: 'deep' }, 'fallback'],
    [{ type: 'colour', settings: {}, fallback: null }, 'sortable'],
    [{ colour: 'red' }, ''],
  ])('is refused where it is wrong: %j', (change, path) => {
    const parsed = parseFieldInput({ ...good, ...change })
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toContain(path)
  })

  it.each([
    ['Sowing depth (cm)', 'sowing_depth_cm'],
    ['2nd crop', 'nd_crop'],
    ['…', 'field'],
    ['Été', 'ete'],
  ])('gets the key of “%s”: %s', (name, key) => {
    expect(keyOf(name)).toBe(key)
  })

  it('is indexed only for what it may be asked', () => {
    const field = { ...good, id: 7, type: 'number' as const }
    expect(indexedValues([field], { 7: 12 }, 'en')).toEqual({
      sort: { 7: 12 },
      keys: [{ fieldId: 7, value: hasValue }],
    })
    expect(indexedValues([{ ...field, filterable: false, sortable: false }], { 7: 12 }, 'en')).toEqual({
      sort: {},
      keys: [],
    })
    const either = { ...field, type: 'yes-no' as const, settings: yesNo.defaults }
    expect(indexedValues([either], { 7: true }, 'en')).toEqual({
      sort: { 7: 1 },
      keys: [
        { fieldId: 7, value: hasValue },
        { fieldId: 7, value: 'yes' },
      ],
    })
    const label = { ...field, type: 'short-text' as const, settings: shortText.defaults }
    const price = {
      ...field,
      type: 'money' as const,
      settings: { currencies: ['EUR', 'GBP'], negative: false },
      filterable: false,
    }
    expect(indexedValues([price], { 7: { amount: 250, currency: 'GBP' } }, 'en')).toEqual({
      sort: { 7: 2.5 },
      keys: [{ fieldId: 7, value: 'GBP' }],
    })
    const pounds = { ...price, settings: { currencies: ['GBP'], negative: false } }
    expect(indexedValues([pounds], { 7: { amount: 250, currency: 'GBP' } }, 'en')).toEqual({
      sort: { 7: 2.5 },
      keys: [],
    })
    expect(indexedValues([label], { 7: 'Éclair  Bean' }, 'en')).toEqual({
      sort: { 7: 'Éclair  Bean', '7t': '\neclair bean\n', '7x': '\nÉclair Bean\n' },
      keys: [{ fieldId: 7, value: hasValue }],
    })
  })
})

it.each([
  ['a title that is no text', [{ key: 'a', title: true }]],
  ['an option that is nothing', [null, { key: 'a', title: 'A' }]],
  ['no list', { length: 3 }],
])('refuses a choice of %s, and says where', (_, options) => {
  const parsed = parseFieldInput({
    key: 'kind',
    name: 'Kind',
    type: 'choice',
    settings: { options, many: true },
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: false,
  })
  expect(parsed.ok).toBe(false)
})
