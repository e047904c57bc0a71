import { describe, expect, it } from 'vitest'
import { afterPress, nothingChosen } from './pick-selection'

const list = [1, 2, 3, 4, 5]
const plain = { shift: false }
const shift = { shift: true }

describe('choosing in a list', () => {
  it('takes one more or one less with each press, and a stretch either way', () => {
    const one = afterPress(nothingChosen, list, 2, plain)
    expect(one.chosen).toEqual([2])
    expect(afterPress(one, list, 5, plain).chosen).toEqual([2, 5])
    expect(afterPress(afterPress(one, list, 5, plain), list, 2, plain).chosen).toEqual([5])
    expect(afterPress(one, list, 4, shift).chosen).toEqual([2, 3, 4])
    expect(afterPress(afterPress(one, list, 5, plain), list, 3, shift).chosen).toEqual([2, 5, 4, 3])
  })

  it('takes one where a stretch has no beginning in the list', () => {
    expect(afterPress(nothingChosen, list, 3, shift).chosen).toEqual([3])
    expect(afterPress({ chosen: [9], anchor: 9 }, list, 3, shift)).toEqual({ chosen: [9, 3], anchor: 3 })
  })
})
