import countryToCurrency from 'country-to-currency'
import type { Catalogue } from './catalogue'
import type { Field } from './field'
import type { MoneySettings } from './fields/money'

/** What amounts are in where nothing tells: a currency that many countries share. */
const otherwise = 'EUR'

/**
 * The currency that a new field for amounts begins with: that of the site's other such fields, the
 * commonest where they differ, or else that of the country whose language the site is in (ISO 3166
 * to ISO 4217; the likely country of a language alone is CLDR's).
 */
export function usualCurrency({ collections, locale }: Pick<Catalogue, 'collections' | 'locale'>): string {
  const used = collections.flatMap((collection) => collection.fields.flatMap(firstCurrency))
  const often = (currency: string) => used.filter((one) => one === currency).length
  return (
    used.toSorted((one, other) => often(other) - often(one))[0] ??
    currencyOf(new Intl.Locale(locale).maximize().region)
  )
}

function firstCurrency({ type, settings }: Field): readonly string[] {
  return type === 'money' ? (settings as MoneySettings).currencies.slice(0, 1) : []
}

function currencyOf(country = ''): string {
  const known: Readonly<Record<string, string>> = countryToCurrency
  return known[country] ?? otherwise
}
