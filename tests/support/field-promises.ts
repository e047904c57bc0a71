import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { FieldPlace, FieldType } from '~~/core/content/fields/define'

export const fieldPlace: FieldPlace = { locale: 'en-GB', zone: 'Europe/London' }

/** A text that PostgreSQL can keep and that is not blank. */
export const plainText = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 40 })
  .filter((text) => text.trim() !== '' && !/[\0\n\r\u2028\u2029\p{Surrogate}]/u.test(text))
  .map((text) => text.trim())

/** What every field type promises, over settings and values of its own. */
export function keepsPromises<Settings, Value>(
  type: FieldType<string, Settings, Value>,
  cases: fc.Arbitrary<{ readonly settings: Settings; readonly value: unknown }>,
  { exactText = true, readyAtOnce = true } = {},
): void {
  describe(`the field type “${type.name}”`, () => {
    it('gives back what it stored', () => {
      fc.assert(
        fc.property(cases, ({ settings, value }) => {
          const stored = type.parse(value, settings)
          if (!stored.ok) throw new Error(stored.faults[0]?.message)
          const kept: unknown = JSON.parse(JSON.stringify(stored.value))
          expect(type.parse(kept, settings)).toEqual({ ok: true, value: kept })
          expect(kept).toEqual(stored.value)
        }),
      )
    })

    if (exactText)
      it('reads the text it writes', () => {
        fc.assert(
          fc.property(cases, ({ settings, value }) => {
            const stored = type.parse(value, settings)
            if (!stored.ok) throw new Error(stored.faults[0]?.message)
            expect(type.read(type.write(stored.value, settings, fieldPlace), settings, fieldPlace)).toEqual(
              stored,
            )
          }),
        )
      })

    it('has words for every value', () => {
      fc.assert(
        fc.property(cases, ({ settings, value }) => {
          const stored = type.parse(value, settings)
          expect(stored.ok && type.format(stored.value, settings, fieldPlace).trim()).toBeTruthy()
        }),
      )
    })

    it('refuses or takes anything at all, with a message and without failing', () => {
      fc.assert(
        fc.property(fc.anything(), fc.string(), (anything, text) => {
          for (const outcome of [
            type.parse(anything, type.defaults),
            type.read(text, type.defaults, fieldPlace),
          ])
            if (!outcome.ok) expect(outcome.faults[0]?.message).toMatch(/\.$/)
        }),
        // What cannot be made a text is drawn too seldom, as is what only begins like an address.
        {
          examples: [
            [[{ toString: false }], '//'],
            [{ toString: 1 }, '//x'],
            [[undefined], '/\\'],
          ],
        },
      )
    })

    it('starts from settings that it accepts, where nothing must be chosen first', () => {
      expect(type.settings.isValidSync(type.defaults, { strict: true })).toBe(readyAtOnce)
    })
  })
}

/** The message of a refusal; undefined for what was taken. */
export function messageOf(
  outcome: { ok: true } | { ok: false; faults: readonly { message: string }[] },
): string | undefined {
  return outcome.ok ? undefined : outcome.faults[0]?.message
}
