import { array, boolean, object, string } from 'yup'
import { numberFromText } from './checks'
import { refusal } from './define'
import type { FieldType } from './define'
import { numberFormat } from '../../formats/formatters'

export interface MoneySettings {
  /** ISO 4217 codes an amount may be in, the usual one first. */
  readonly currencies: readonly string[]
  /** Whether amounts below zero are taken. */
  readonly negative: boolean
}

export interface Money {
  /** In the currency's smallest unit: 1250 is 12.50 in a currency of two decimals. */
  readonly amount: number
  readonly currency: string
}

const codes = new Set(Intl.supportedValuesOf('currency'))

/** How many decimals a currency has (ISO 4217 minor unit, through CLDR). */
export function decimalsOf(currency: string): number {
  return numberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2
}

/** An amount in whole units: 12.5 for 1250 pence. */
export function wholeAmount({ amount, currency }: Money): number {
  return amount / 10 ** decimalsOf(currency)
}

/** An amount of money in a currency. */
export const money: FieldType<'money', MoneySettings, Money> = {
  name: 'money',
  title: 'Money',
  about: 'A price or a sum in a currency.',
  settings: object({
    currencies: array(
      string()
        .required()
        .test('code', 'A currency is a code of three letters, such as GBP.', (code) => codes.has(code)),
    )
      .min(1, 'Choose at least one currency.')
      .max(20, 'Choose at most 20 currencies.')
      .required(),
    negative: boolean().required(),
  })
    .noUnknown()
    .required(),
  defaults: { currencies: ['EUR'], negative: false },
  parse(input, { currencies, negative }) {
    const { amount, currency } = (typeof input === 'object' && input !== null ? input : {}) as Partial<Money>
    if (typeof amount !== 'number' || !Number.isSafeInteger(amount))
      return refusal('This takes an amount of money.')
    if (typeof currency !== 'string' || !currencies.includes(currency))
      return refusal(`Give the amount in ${currencies.join(' or ')}.`)
    if (amount < 0 && !negative) return refusal('Use an amount of 0 or more.')
    return { ok: true, value: { amount: Object.is(amount, -0) ? 0 : amount, currency } }
  },
  read(text, settings, { locale }) {
    const code =
      settings.currencies.find((one) => text.toUpperCase().includes(one)) ?? settings.currencies[0] ?? ''
    const number = numberFromText(text.replace(/[\p{Sc}\p{L}]/gu, ''), locale)
    if (number === null) return refusal('This takes an amount of money.')
    const minor = number * 10 ** decimalsOf(code)
    if (Math.abs(minor - Math.round(minor)) > 1e-6)
      return refusal(`${code} has ${decimalsOf(code)} decimals at most.`)
    return money.parse({ amount: Math.round(minor), currency: code }, settings)
  },
  write: (value) => `${wholeAmount(value).toFixed(decimalsOf(value.currency))} ${value.currency}`,
  format: (value, _, { locale }) =>
    numberFormat(locale, {
      style: 'currency',
      currency: value.currency,
      trailingZeroDisplay: 'stripIfInteger',
    } as Intl.NumberFormatOptions).format(wholeAmount(value)),
  parseLimit(input) {
    const { currency } = (typeof input === 'object' && input !== null ? input : {}) as Partial<Money>
    return typeof currency === 'string' && codes.has(currency)
      ? money.parse(input, { currencies: [currency], negative: true })
      : refusal('This takes an amount of money.')
  },
  filter: 'number',
  keys: ({ currency }) => [currency],
  comparedWithin: ({ currency }) => currency,
  orderedWithin: ({ currencies }) => (currencies.length > 1 ? currencies : []),
  sort: 'number',
  sortKey: wholeAmount,
}
