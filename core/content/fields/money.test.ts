import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { decimalsOf, money } from './money'

const settings = { currencies: ['GBP', 'JPY', 'KWD'], negative: true }

keepsPromises(
  money,
  fc.record({
    settings: fc.constant(settings),
    value: fc.record({
      amount: fc.integer({ min: -1e9, max: 1e9 }),
      currency: fc.constantFrom(...settings.currencies),
    }),
  }),
)

describe('money', () => {
  // ISO 4217, minor units: GBP 2, JPY 0, KWD 3.
  it('has as many decimals as its currency', () => {
    expect(settings.currencies.map(decimalsOf)).toEqual([2, 0, 3])
    expect(money.write({ amount: 1250, currency: 'GBP' }, settings, fieldPlace)).toBe('12.50 GBP')
    expect(money.write({ amount: 1250, currency: 'JPY' }, settings, fieldPlace)).toBe('1250 JPY')
    expect(money.write({ amount: 1250, currency: 'KWD' }, settings, fieldPlace)).toBe('1.250 KWD')
    expect(money.format({ amount: 125_050, currency: 'GBP' }, settings, fieldPlace)).toBe('£1,250.50')
    expect([
      money.format({ amount: 500, currency: 'GBP' }, settings, fieldPlace),
      money.format({ amount: 500, currency: 'JPY' }, settings, fieldPlace),
    ]).toEqual(['£5', 'JP¥500'])
  })

  it('orders by what it is worth in whole units', () => {
    expect(money.sortKey?.({ amount: 1250, currency: 'GBP' }, settings)).toBe(12.5)
  })

  it.each([
    ['£12.50', 1250, 'GBP'],
    ['12.5', 1250, 'GBP'],
    ['1,200 JPY', 1200, 'JPY'],
    ['KWD 0.125', 125, 'KWD'],
  ])('reads %s', (text, amount, currency) => {
    expect(money.read(text, settings, fieldPlace)).toEqual({ ok: true, value: { amount, currency } })
  })

  it('refuses parts of the smallest unit, other currencies and what is below zero', () => {
    expect(messageOf(money.read('1.005 GBP', settings, fieldPlace))).toBe('GBP has 2 decimals at most.')
    expect(messageOf(money.parse({ amount: 1.5, currency: 'GBP' }, settings))).toBe(
      'This takes an amount of money.',
    )
    expect(messageOf(money.parse({ amount: 1, currency: 'EUR' }, settings))).toBe(
      'Give the amount in GBP or JPY or KWD.',
    )
    expect(messageOf(money.parse({ amount: -1, currency: 'GBP' }, { ...settings, negative: false }))).toBe(
      'Use an amount of 0 or more.',
    )
    expect(money.settings.isValidSync({ currencies: ['XQQ'], negative: false })).toBe(false)
  })
})
