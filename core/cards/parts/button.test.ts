import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cardContext, cardEntry, entryWith, fieldOfType } from '~~/tests/support/card-entries'
import { filledParts, opensOf, defaultCard } from '../card'
import type { CardEntry } from '../card-entry'
import type { ButtonSetting } from './button'
import { mostMinutesBefore } from './button'
import { partSchema } from './index'

const minute = 60_000
const join: ButtonSetting = { part: 'button', on: true, text: 'Join from afar', form: 'button' }

function content(setting: ButtonSetting, entry: CardEntry, now = cardContext.now): unknown {
  return filledParts([setting], entry, { ...cardContext, now, field: (id) => entry.fields.get(id) })[0]
    ?.content
}

describe('a button', () => {
  it('leads to the entry, or to what the entry has in a field of links; not at all where it has nothing', () => {
    const link = fieldOfType(7, 'link')
    expect(content({ ...join, titled: true }, cardEntry({ title: 'Leaf mould' }))).toEqual({
      text: 'Join from afar',
      form: 'button',
      about: 'Leaf mould',
    })
    const entry = entryWith([[link, { address: 'https://window.bushel.example/mould', title: '' }]])
    expect(content({ ...join, to: 7 }, entry)).toEqual({
      text: 'Join from afar',
      form: 'button',
      about: '',
      to: 'https://window.bushel.example/mould',
    })
    expect(content({ ...join, to: 7 }, cardEntry({ fields: new Map([[7, link]]) }))).toBeUndefined()
    expect(content({ ...join, to: 7 }, entryWith([[fieldOfType(7, 'short-text'), 'Mould']]))).toBeUndefined()
  })

  it('is there from so many minutes before its date until that ends, and never for what is called off', () => {
    const startsAt = Date.UTC(2026, 2, 1, 18)
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: mostMinutesBefore }),
        fc.integer({ min: 0, max: 3 * mostMinutesBefore * minute }),
        fc.integer({ min: -2 * mostMinutesBefore * minute, max: 4 * mostMinutesBefore * minute }),
        fc.boolean(),
        (opens, length, away, isCancelled) => {
          const date = {
            key: startsAt,
            startsAt,
            endsAt: startsAt + length,
            isWholeDays: false,
            isCancelled,
          }
          const shown = content({ ...join, opens }, cardEntry({ date }), startsAt + away) !== undefined
          expect(shown).toBe(!isCancelled && away >= -opens * minute && away < length)
        },
      ),
    )
    expect(content({ ...join, opens: 15 }, cardEntry())).toBeUndefined()
  })

  it('says when it comes, once for each number of minutes, of both cards of a listing', () => {
    const parts = [join, { ...join, id: 'b', opens: 30 }, { ...join, id: 'c', opens: 5 }]
    const other = { at: 'first' as const, parts: [{ ...join, opens: 30 }] }
    expect(opensOf({ ...defaultCard, parts, other })).toEqual([5, 30])
    expect(opensOf({ ...defaultCard, parts: [{ ...join, opens: 5, on: false }] })).toEqual([])
  })

  it('comes a day before at the earliest, and when the date begins at the latest', () => {
    const fits = (opens: number) => partSchema.isValidSync({ ...join, opens })
    expect([-1, 0, mostMinutesBefore, mostMinutesBefore + 1, 1.5].map(fits)).toEqual([
      false,
      true,
      true,
      false,
      false,
    ])
  })
})
