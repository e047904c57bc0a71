/** A value of a facet; `parentId` nests it under another of the same facet. */
export interface Term {
  readonly id: number
  readonly facetId: number
  readonly parentId: number | null
  readonly name: string
  readonly slug: string
}

/** The term's id and those of all its ancestors, nearest first. Ends where a loop would begin. */
export function withAncestors(termId: number, terms: ReadonlyMap<number, Term>): readonly number[] {
  const found: number[] = []
  let next: number | null = termId
  while (next !== null && !found.includes(next)) {
    found.push(next)
    next = terms.get(next)?.parentId ?? null
  }
  return found
}

/** Terms in reading order with their depth: children follow their parent. */
export function inTreeOrder(terms: readonly Term[]): readonly { term: Term; depth: number }[] {
  const childrenOf = (parent: number | null, depth: number): { term: Term; depth: number }[] =>
    terms
      .filter((term) => term.parentId === parent)
      .flatMap((term) => [{ term, depth }, ...childrenOf(term.id, depth + 1)])
  return childrenOf(null, 0)
}

/** A term's place among those beside it. */
export interface PlacedTerm {
  readonly id: number
  readonly parentId: number | null
  readonly position: number
}

/**
 * The places that change when a term moves under `parentId`, before the `at`-th of those there; of
 * the moved term and of those it now stands among. Null when it would come to lie within itself.
 */
export function movedTerm(
  terms: readonly Term[],
  id: number,
  parentId: number | null,
  at: number,
): readonly PlacedTerm[] | null {
  const byId = new Map(terms.map((term) => [term.id, term]))
  if (parentId !== null && withAncestors(parentId, byId).includes(id)) return null
  const beside = terms.filter((term) => term.parentId === parentId && term.id !== id).map((term) => term.id)
  const order = [...beside.slice(0, at), id, ...beside.slice(at)]
  return order.map((one, position) => ({ id: one, parentId, position }))
}

/** The ids of a term and of everything nested under it. */
export function withDescendants(id: number, terms: readonly Term[]): readonly number[] {
  const below = terms
    .filter((term) => term.parentId === id)
    .flatMap((term) => withDescendants(term.id, terms))
  return [id, ...below]
}

/** A term that left, where it lay, what lay under it, and where that went instead. */
export interface LeftTerm {
  readonly id: number
  readonly parentId: number | null
  readonly children: readonly number[]
  readonly childrenWentTo: number | null
}

/**
 * Where a term that comes back lies, and which of the others lie under it again: those that are still
 * where they went when it left. Nothing comes to lie within itself, whatever moved meanwhile.
 */
export function returnedTerm(
  terms: readonly Term[],
  { id, parentId, children, childrenWentTo }: LeftTerm,
): { readonly parentId: number | null; readonly children: readonly number[] } {
  const byId = new Map(terms.map((term) => [term.id, term]))
  const back = children.filter(
    (child) => child !== id && byId.get(child)?.parentId === childrenWentTo && byId.has(child),
  )
  const isWithin = parentId !== null && withAncestors(parentId, byId).some((one) => back.includes(one))
  return { parentId: parentId === null || !byId.has(parentId) || isWithin ? null : parentId, children: back }
}
