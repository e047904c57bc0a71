import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { styles } from '../../tests/support/style-arbitraries'
import { ownColoursIn } from './own-colours'
import type { Styles } from './styles'

const set = (values: Styles[number]['set']): Styles => [
  { target: 'title', state: null, below: null, set: values },
]

describe('the colours of no palette', () => {
  it('are found in borders, gradients and shadows too, those used most often first', () => {
    const gradient = {
      angle: 0,
      colours: [
        { colour: 'leaf', at: 0 },
        { colour: '#22222280', at: 100 },
      ],
    }
    const border = { width: 1, line: 'solid', colour: '#111111' } as const
    expect(
      ownColoursIn([set({ colour: 'ink', gradient }), set({ 'border-top': border, ground: '#111111' })]),
    ).toEqual(['#111111', '#22222280'])
    expect(ownColoursIn([])).toEqual([])
  })

  it('are each there once, and all of them', () => {
    fc.assert(
      fc.property(styles(['title', 'card'], [400]), (all) => {
        const found = ownColoursIn([all])
        const said = JSON.stringify(all).match(/#[\da-f]{6}(?:[\da-f]{2})?(?=")/g) ?? []
        expect(found.toSorted()).toEqual([...new Set(said)].toSorted())
      }),
    )
  })
})
