import { describe, expect, it } from 'vitest'
import { inTreeOrder, movedTerm, withAncestors, withDescendants } from './terms'
import type { Term } from './terms'

const term = (id: number, parentId: number | null): Term => ({
  id,
  parentId,
  facetId: 1,
  name: String(id),
  slug: String(id),
})

describe('terms', () => {
  const terms = [term(1, null), term(2, 1), term(3, 2), term(4, null)]
  const byId = new Map(terms.map((one) => [one.id, one]))

  it('know their ancestors, even in a loop', () => {
    expect(withAncestors(3, byId)).toEqual([3, 2, 1])
    expect(
      withAncestors(
        1,
        new Map([
          [1, term(1, 2)],
          [2, term(2, 1)],
        ]),
      ),
    ).toEqual([1, 2])
  })

  it('are read with children after their parent', () => {
    expect(inTreeOrder(terms).map(({ term: one, depth }) => [one.id, depth])).toEqual([
      [1, 0],
      [2, 1],
      [3, 2],
      [4, 0],
    ])
  })
})

describe('moving a term', () => {
  const terms = [term(1, null), term(2, 1), term(3, 2), term(4, null), term(5, null)]

  it('counts those beside it in their new order', () => {
    expect(movedTerm(terms, 5, null, 1)).toEqual([
      { id: 1, parentId: null, position: 0 },
      { id: 5, parentId: null, position: 1 },
      { id: 4, parentId: null, position: 2 },
    ])
    expect(movedTerm(terms, 4, 2, 1)).toEqual([
      { id: 3, parentId: 2, position: 0 },
      { id: 4, parentId: 2, position: 1 },
    ])
  })

  it('never puts it under itself or one of its own', () => {
    expect([1, 2, 3].map((parent) => movedTerm(terms, 1, parent, 0))).toEqual([null, null, null])
    expect(withDescendants(1, terms)).toEqual([1, 2, 3])
  })
})
