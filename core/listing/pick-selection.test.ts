import { describe, expect, it } from 'vitest'
import { afterPress, nothingChosen } from './pick-selection'

const list = [1, 2, 3, 4, 5]
const plain = { shift: false, ctrl: false }
const shift = { shift: true, ctrl: false }
const ctrl = { shift: false, ctrl: true }

describe('choosing in a list', () => {
  it('takes one, a stretch either way, and one more or less', () => {
    const one = afterPress(nothingChosen, list, 2, plain)
    expect(one.chosen).toEqual([2])
    expect(afterPress(one, list, 4, shift).chosen).toEqual([2, 3, 4])
    expect(afterPress(afterPress(one, list, 4, shift), list, 1, shift).chosen).toEqual([2, 1])
    expect(afterPress(one, list, 5, ctrl).chosen).toEqual([2, 5])
    expect(afterPress(afterPress(one, list, 5, ctrl), list, 2, ctrl).chosen).toEqual([5])
    expect(afterPress(afterPress(one, list, 5, ctrl), list, 3, { shift: true, ctrl: true }).chosen).toEqual([
      2, 5, 4, 3,
    ])
    expect(afterPress(afterPress(one, list, 5, ctrl), list, 1, plain).chosen).toEqual([1])
  })

  it('takes one where a stretch has no beginning in the list', () => {
    expect(afterPress(nothingChosen, list, 3, shift).chosen).toEqual([3])
    expect(afterPress({ chosen: [9], anchor: 9 }, list, 3, shift)).toEqual({ chosen: [3], anchor: 3 })
  })
})
