import { number, object, string } from 'yup'
import { limitSchema, numberFromText, readNumber } from './checks'
import { refusal } from './define'
import type { FieldType } from './define'
import { numberFormat } from '../../formats/formatters'

export interface NumberSettings {
  /** Written after the number: “cm”, “seeds”. Empty for none. */
  readonly unit: string
  readonly least: number | null
  readonly most: number | null
  /** Digits after the decimal sign at most, 0 to 6. */
  readonly decimals: number
}

const largest = 1e15

/** A number with its unit. */
export const numberField: FieldType<'number', NumberSettings, number> = {
  name: 'number',
  title: 'Number',
  about: 'A number, with a unit if it has one.',
  settings: object({
    unit: string().defined().max(20, 'Keep the unit within 20 characters.'),
    least: limitSchema(false),
    most: limitSchema(false).test('above', 'The most lies below the least.', (most, { parent }) => {
      const { least } = parent as NumberSettings
      return most == null || least == null || most >= least
    }),
    decimals: number()
      .integer('Use a whole number.')
      .min(0, 'Use 0 or more decimals.')
      .max(6, 'Use at most 6 decimals.')
      .required(),
  })
    .noUnknown()
    .required(),
  defaults: { unit: '', least: null, most: null, decimals: 0 },
  parse(input, { least, most, decimals }) {
    const read = readNumber(input, least ?? -largest, most ?? largest)
    if (!read.ok || Number(read.value.toFixed(decimals)) === read.value) return read
    return refusal(decimals === 0 ? 'Use a whole number.' : `Use at most ${decimals} decimals.`)
  },
  read(text, settings, { locale }) {
    const bare =
      settings.unit !== '' && text.trim().endsWith(settings.unit)
        ? text.trim().slice(0, -settings.unit.length)
        : text
    return numberField.parse(numberFromText(bare, locale), settings)
  },
  write: (value) => String(value),
  format(value, { unit, decimals }, { locale }) {
    const digits = numberFormat(locale, { maximumFractionDigits: decimals }).format(value)
    return unit === '' ? digits : `${digits}\u00a0${unit}`
  },
  parseLimit: (input) => readNumber(input, -largest, largest),
  filter: 'number',
  sort: 'number',
  sortKey: (value) => value,
}
