import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { numberField } from './number'
import type { NumberSettings } from './number'

const settings: NumberSettings = { unit: 'cm', least: -1000, most: 1000, decimals: 2 }

keepsPromises(
  numberField,
  fc.record({
    settings: fc.constant(settings),
    value: fc.integer({ min: -100_000, max: 100_000 }).map((hundredths) => hundredths / 100),
  }),
)

describe('a number', () => {
  it('keeps to its limits and decimals', () => {
    expect(messageOf(numberField.parse(1000.5, settings))).toBe('Use 1000 or less.')
    expect(messageOf(numberField.parse(-1001, settings))).toBe('Use -1000 or more.')
    expect(messageOf(numberField.parse(0.125, settings))).toBe('Use at most 2 decimals.')
    expect(messageOf(numberField.parse(0.5, numberField.defaults))).toBe('Use a whole number.')
    expect(messageOf(numberField.parse(NaN, settings))).toBe('This takes a number.')
    expect(messageOf(numberField.parse('12', settings))).toBe('This takes a number.')
    expect(numberField.parse(-0, settings)).toEqual({ ok: true, value: 0 })
  })

  // Grouping and decimal signs as CLDR has them for each language.
  it.each([
    ['1,250.5', 'en-GB', 1250.5],
    ['1.250,5', 'de', 1250.5],
    ['1\u202f250,5', 'fr', 1250.5],
    ['12 cm', 'en-GB', 12],
    ['−3', 'en-GB', -3],
  ])('reads %s as people write it in %s', (text, locale, value) => {
    const read = numberField.read(text, { ...settings, most: 2000 }, { ...fieldPlace, locale })
    expect(read).toEqual({ ok: true, value })
  })

  it.each(['twelve', '12 mm', '1,2,x', '', '0x10'])('does not guess at “%s”', (text) => {
    expect(numberField.read(text, settings, fieldPlace).ok).toBe(false)
  })

  it('says its unit, kept on one line with the number', () => {
    expect(numberField.format(12.5, settings, fieldPlace)).toBe('12.5\u00a0cm')
    expect(numberField.format(1250, { ...settings, unit: '' }, { ...fieldPlace, locale: 'de' })).toBe('1.250')
  })

  it('has limits that make sense', () => {
    expect(numberField.settings.isValidSync({ ...settings, least: 5, most: 4 })).toBe(false)
  })
})
