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
