import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { movedTerm, returnedTerm, withAncestors, withDescendants } from './terms'
import type { LeftTerm, Term } from './terms'

type Act = {
  readonly do: 'add' | 'move' | 'merge' | 'delete' | 'undo'
  readonly a: number
  readonly b: number
}

const acts = fc.array(
  fc.record({
    do: fc.constantFrom<Act['do'][]>('add', 'move', 'move', 'merge', 'delete', 'undo', 'undo'),
    a: fc.nat(30),
    b: fc.nat(30),
  }),
  { maxLength: 60 },
)

interface Tree {
  readonly terms: readonly Term[]
  readonly left: readonly LeftTerm[]
  readonly next: number
}

const term = (id: number, parentId: number | null): Term => ({
  id,
  facetId: 1,
  parentId,
  name: String(id),
  slug: String(id),
})

function acted(tree: Tree, act: Act): Tree {
  const chosen = (which: number) => tree.terms[which % Math.max(1, tree.terms.length)]
  const [one, other] = [chosen(act.a), chosen(act.b)]
  if (act.do === 'add' || one === undefined)
    return {
      ...tree,
      next: tree.next + 1,
      terms: [...tree.terms, term(tree.next, act.b % 3 === 0 ? null : (other?.id ?? null))],
    }
  if (act.do === 'undo') {
    const left = tree.left[act.a % Math.max(1, tree.left.length)]
    if (left === undefined) return tree
    const { parentId, children } = returnedTerm(tree.terms, left)
    const terms = tree.terms.map((known) =>
      children.includes(known.id) ? { ...known, parentId: left.id } : known,
    )
    return {
      ...tree,
      left: tree.left.filter((known) => known !== left),
      terms: [...terms, term(left.id, parentId)],
    }
  }
  if (act.do === 'move') {
    const placed = movedTerm(tree.terms, one.id, other?.id === one.id ? null : (other?.id ?? null), 0)
    return placed === null
      ? tree
      : {
          ...tree,
          terms: tree.terms.map((known) => ({
            ...known,
            parentId:
              placed.find((place) => place.id === known.id)?.parentId ??
              (placed.some((place) => place.id === known.id) ? null : known.parentId),
          })),
        }
  }
  const into =
    act.do === 'merge' && other !== undefined && !withDescendants(one.id, tree.terms).includes(other.id)
      ? other.id
      : null
  const wentTo = into ?? one.parentId
  const children = tree.terms.filter((known) => known.parentId === one.id).map((known) => known.id)
  return {
    ...tree,
    left: [...tree.left, { id: one.id, parentId: one.parentId, children, childrenWentTo: wentTo }],
    terms: tree.terms
      .filter((known) => known !== one)
      .map((known) => (known.parentId === one.id ? { ...known, parentId: wentTo } : known)),
  }
}

describe('a tree of terms', () => {
  it('has no circle after any moves, merges, deletions and undos', () => {
    fc.assert(
      fc.property(acts, (all) => {
        const { terms } = all.reduce(acted, { terms: [], left: [], next: 1 })
        const byId = new Map(terms.map((one) => [one.id, one]))
        for (const one of terms) {
          const top = withAncestors(one.id, byId).at(-1) ?? 0
          expect(byId.get(top)?.parentId).toBeNull()
        }
      }),
      { numRuns: 1000 },
    )
  })

  it('takes a term back under none of its own', () => {
    // The term 1 under 2 left, and 3 with it went to 2; then 2 was moved under 3.
    const terms = [term(2, 3), term(3, null)]
    expect(returnedTerm(terms, { id: 1, parentId: 2, children: [3], childrenWentTo: null })).toEqual({
      parentId: null,
      children: [3],
    })
    expect(returnedTerm(terms, { id: 1, parentId: 2, children: [3], childrenWentTo: 2 })).toEqual({
      parentId: 2,
      children: [],
    })
  })
})
