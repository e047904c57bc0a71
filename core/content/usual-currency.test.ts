import { describe, expect, it } from 'vitest'
import type { CollectionSummary } from './catalogue'
import { usualCurrency } from './usual-currency'

const withMoney = (...currencies: string[]) =>
  ({
    fields: currencies.map((currency) => ({ type: 'money', settings: { currencies: [currency, 'XAU'] } })),
  }) as unknown as CollectionSummary

describe('the currency of a new field for amounts', () => {
  // ISO 4217, list one: the currency of each country.
  it.each([
    ['en-GB', 'GBP'],
    ['de-CH', 'CHF'],
    ['pl', 'PLN'],
    ['pt-BR', 'BRL'],
    ['ja', 'JPY'],
    ['fr', 'EUR'],
    ['ar-EG', 'EGP'],
  ])('is that of the country of the site’s language: %s', (locale, currency) => {
    expect(usualCurrency({ collections: [], locale })).toBe(currency)
  })

  it('is that which the site’s other fields have, the commonest where they differ', () => {
    expect(usualCurrency({ collections: [withMoney('NOK')], locale: 'en-GB' })).toBe('NOK')
    const collections = [withMoney('SEK'), withMoney('DKK', 'NOK'), withMoney('NOK')]
    expect(usualCurrency({ collections, locale: 'en-GB' })).toBe('NOK')
  })

  it('is one that many share where the language tells no country that has one', () => {
    expect(usualCurrency({ collections: [], locale: 'eo' })).toBe('EUR')
  })
})
