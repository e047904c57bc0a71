import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { movedInto, withMoved } from './ordering'

const lists = fc.uniqueArray(fc.integer(), { minLength: 1, maxLength: 12 })

describe('moving in a list', () => {
  it('moves one and leaves the others in their order', () => {
    expect(withMoved(['a', 'b', 'c'], 0, 2)).toEqual(['b', 'c', 'a'])
    expect(withMoved(['a', 'b', 'c'], 2, -1)).toEqual(['a', 'c', 'b'])
  })

  it('changes nothing where it would lead out of the list', () => {
    fc.assert(
      fc.property(
        lists,
        fc.integer({ min: -1, max: 12 }),
        fc.integer({ min: -14, max: 14 }),
        (list, at, by) => {
          const moved = withMoved(list, at, by)
          expect([...moved].sort()).toEqual([...list].sort())
          const isInside = at >= 0 && at < list.length && at + by >= 0 && at + by < list.length
          if (isInside) expect(moved[at + by]).toBe(list[at])
          else expect(moved).toBe(list)
        },
      ),
    )
  })
})

describe('what was moved into a list', () => {
  it('is told from the list before and the list after', () => {
    fc.assert(
      fc.property(lists, fc.nat(11), fc.nat(11), (list, from, to) => {
        fc.pre(from < list.length && to < list.length && from !== to)
        const after = withMoved(list, from, to - from)
        const told = movedInto(list, after)
        // The same move, made of what is told, leads to the same list.
        expect(told && list.filter((one) => one !== told.item).toSpliced(told.at, 0, told.item)).toEqual(
          after,
        )
      }),
    )
  })

  it('is what came from elsewhere', () => {
    expect(movedInto(['a', 'b'], ['a', 'x', 'b'])).toEqual({ item: 'x', at: 1 })
  })

  it('is nothing where something left, or nothing changed', () => {
    expect(movedInto(['a', 'b'], ['b'])).toBeNull()
    expect(movedInto(['a', 'b'], ['a', 'b'])).toBeNull()
  })
})
