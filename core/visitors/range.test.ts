import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldNamed, trialWords } from '~~/tests/support/trial-fields'
import { askedBy, choicesIn } from './choices'
import type { ControlSite } from './define'
import { hasRange, newRangeControl, rangeControl, rangesOf, rangeTitle } from './range'

const words = trialWords
const site: ControlSite = { facets: [], terms: [], authors: [], words }
const count = newRangeControl(fieldNamed('count').id)
const read = (text: string) => rangeControl.read(count, text, site)

describe('a range that visitors choose', () => {
  it.each([
    ['2-5', { from: 2, to: 5 }],
    ['2-', { from: 2, to: null }],
    ['-5', { from: null, to: 5 }],
    ['--5', { from: null, to: -5 }],
    ['-5--2', { from: -5, to: -2 }],
    ['5-2', { from: 2, to: 5 }],
    ['2.5-2.5', { from: 2.5, to: 2.5 }],
  ])('is read from an address: %s', (text, choice) => {
    expect(read(text)).toEqual({ choice, unknown: [] })
  })

  it.each(['', '2', 'two-five', '2-5-7', '1e3-', '2,5-', '2-5 ', 'NaN-', '1234567890123456-'])(
    'is not “%s”, which is told',
    (text) => expect(read(text)).toEqual({ choice: null, unknown: [text] }),
  )

  it('is read in parts, as a form says it, and said in one', () => {
    const at = (asked: Readonly<Record<string, string>>) =>
      choicesIn([count], (name) => asked[name] ?? null, site).chosen.map((one) => one.choice)
    expect(at({ 'count-from': '2', 'count-to': '' })).toEqual([{ from: 2, to: null }])
    expect(at({ 'count-from': '', 'count-to': '' })).toEqual([])
    expect(at({ count: '1-2', 'count-from': '7' })).toEqual([{ from: 1, to: 2 }])
    expect(askedBy(count, { from: 2, to: null }, site)).toEqual({
      count: '2-',
      'count-from': null,
      'count-to': null,
    })
  })

  it('is written as it is read, whatever it is', () => {
    const limit = fc.option(
      fc.oneof(
        fc.integer({ min: -1_000_000_000, max: 1_000_000_000 }),
        fc.integer({ min: -1_000_000_000, max: 1_000_000_000 }).map((one) => one / 1_000_000),
      ),
    )
    fc.assert(
      fc.property(limit, limit, (one, other) => {
        const isTurned = one !== null && other !== null && one > other
        const choice = isTurned ? { from: other, to: one } : { from: one, to: other }
        fc.pre(one !== null || other !== null)
        expect(read(rangeControl.write(count, choice, site))).toEqual({ choice, unknown: [] })
      }),
    )
  })

  it('asks the field of all collections of the listing, both limits included', () => {
    const asked = rangeControl.asks?.(count, { from: 2, to: null }, { ...site, collections: [1, 2] })
    const column = { fields: [expect.anything(), expect.anything()] as unknown[] }
    expect(asked).toEqual({ test: 'between', value: column, from: 2, to: null, before: null })
  })

  it('is of numbers that listings may narrow by, in one currency', () => {
    const open = { filterable: true }
    expect(hasRange({ ...fieldNamed('count'), ...open })).toBe(true)
    expect(hasRange({ ...fieldNamed('count'), filterable: false })).toBe(false)
    expect(hasRange({ ...fieldNamed('label'), ...open })).toBe(false)
    const price = { ...fieldNamed('price'), ...open }
    expect(hasRange(price)).toBe(false)
    expect(hasRange({ ...price, settings: { currencies: ['GBP'], negative: false } })).toBe(true)
  })

  it('needs another name in addresses where a facet is called so, and none where its field is gone', () => {
    const facet = { id: 1, name: 'Count', slug: 'count' } as (typeof site.facets)[number]
    expect(rangeControl.parameter(count, { ...site, facets: [facet] })).toBe('count-field')
    expect(rangeControl.parameter(newRangeControl(9999), site)).toBeNull()
  })

  it('is told in the words of its field, step by step', () => {
    const field = words.field(count.field)
    if (field === undefined) throw new Error('There is no such field.')
    const ranges = rangesOf({ steps: [2, 5] })
    expect(ranges.map((one) => rangeTitle(one, field, words))).toEqual(['up to 2', '2 to 5', '5 and more'])
    expect(rangesOf({ steps: [] })).toEqual([])
    const money = { ...field, type: 'money' as const, settings: { currencies: ['GBP'], negative: false } }
    expect(rangeTitle({ from: 2.5, to: null }, money, words)).toBe('£2.50 and more')
  })
})
