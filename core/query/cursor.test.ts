import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contexts, indexedEntries, listings } from '~~/tests/support/arbitraries'
import { cursorText, readCursor } from './cursor'
import { planOf } from './plan'
import type { PlanKey } from './plan'
import { positionReader } from './position'
import { rowOf } from '../content/row'

describe('a cursor', () => {
  it('is read back as it was written, whatever the order', () => {
    fc.assert(
      fc.property(listings, indexedEntries, contexts, fc.nat(5000), (listing, entries, context, before) => {
        const plan = planOf(listing, context)
        for (const position of entries.slice(0, 3).map(rowOf).map(positionReader(plan.order)))
          expect(readCursor(cursorText({ position, before }), plan)).toEqual({
            position,
            before,
            id: position.id,
            at: null,
          })
      }),
    )
  })

  const order: readonly PlanKey[] = [
    { by: 'publishedAt', direction: 'down' },
    { by: 'title', direction: 'up' },
  ]

  it.each([
    '',
    'x',
    '{}',
    '[]',
    '[0]',
    '[0,1,2]',
    '[-1,1,2,"x"]',
    '[0,1.5,2,"x"]',
    '[0,1,"2026","x"]',
    '[0,1,2,3]',
    '[0,1,1e300,"x"]',
    '[0,1,2,"\\u0000"]',
    '[0,1,2,"\\ud800"]',
    '[0,1,2,"x",4]',
    '[0,[1],2,"x"]',
    '[0,[1,"soon"],2,"x"]',
    '[0,[1,1e16],2,"x"]',
  ])('is refused for another order, or as nonsense: %s', (text) => {
    expect(readCursor(text, { order })).toBeNull()
  })

  it('names the date of what happens several times', () => {
    const when: readonly PlanKey[] = [{ by: 'startsAt', direction: 'up' }]
    const at = Date.UTC(2026, 11, 2, 10)
    for (const values of [[at + 60_000], [null]]) {
      const position = { id: 7, at, values }
      expect(readCursor(cursorText({ position, before: 4 }), { order: when })).toEqual({
        before: 4,
        id: 7,
        at,
        position,
      })
    }
  })

  it('leaves out where an entry stood where that is too long for an address, and takes the first and the last of all dates', () => {
    const position = { id: 7, at: null, values: [Date.UTC(2026, 0, 1), 'x'.repeat(3000)] }
    expect(readCursor(cursorText({ position, before: 4 }), { order })).toEqual({
      before: 4,
      id: 7,
      at: null,
      position: null,
    })
    for (const at of [-62_135_596_800_000, 253_402_300_799_999])
      expect(
        readCursor(cursorText({ position: { id: 7, at: null, values: [at, 'x'] }, before: 4 }), { order })
          ?.position?.values[0],
      ).toBe(at)
  })

  it('never fails, whatever stands in the address', () => {
    fc.assert(fc.property(fc.oneof(fc.string(), fc.json()), (text) => void readCursor(text, { order })))
  })
})
