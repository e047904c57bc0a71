import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { withMoved } from '~~/core/ordering'
import { keyedRows } from './row-keys'

function first(texts: readonly string[]) {
  let last = 0
  return keyedRows({ texts: [], keys: [] }, texts, () => (last += 1))
}
const fresh = () => 1000

const texts = fc.array(fc.constantFrom('a', 'b', 'c', 'd'), { minLength: 1, maxLength: 8 })

describe('the keys of rows without a name', () => {
  it('are different, also for rows that are equal', () => {
    expect(first(['a', 'a', 'b']).keys).toEqual([1, 2, 3])
    let last = 100
    fc.assert(
      fc.property(texts, texts, (before, after) => {
        const { keys } = keyedRows(first(before), after, () => (last += 1))
        expect(new Set(keys).size).toBe(after.length)
      }),
    )
  })

  it('stay with a row while it is edited', () => {
    expect(keyedRows(first(['a', 'b', 'c']), ['a', 'x', 'c'], fresh).keys).toEqual([1, 2, 3])
  })

  it('stay with a row that is edited to be equal to another', () => {
    expect(keyedRows(first(['a', 'b']), ['b', 'b'], fresh).keys).toEqual([1, 2])
  })

  it('go with a row wherever it is moved', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.string(), { minLength: 2, maxLength: 8 }),
        fc.nat(7),
        fc.nat(7),
        (all, a, b) => {
          const [from, to] = [a % all.length, b % all.length]
          const before = first(all)
          expect(keyedRows(before, withMoved(all, from, to - from), fresh).keys).toEqual(
            withMoved(before.keys, from, to - from),
          )
        },
      ),
    )
  })

  it('leave with a row that is removed', () => {
    expect(keyedRows(first(['a', 'b', 'c']), ['a', 'c'], fresh).keys).toEqual([1, 3])
  })

  it('are new for a row that comes in between', () => {
    expect(keyedRows(first(['a', 'b']), ['a', 'x', 'b'], fresh).keys).toEqual([1, 1000, 2])
  })
})
