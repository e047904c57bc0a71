import { array, boolean, number, string } from 'yup'
import type { Term } from '../content/terms'
import { defineFitting, fittingSettings } from './define'

export const termOrders = ['given', 'most-used'] as const
export const indexLayouts = ['list', 'row'] as const

export interface TermIndexSettings {
  /** Ids of the facets, in this order; none for all of them. */
  readonly facets: readonly number[]
  /** Terms under those that they are nested in; all side by side otherwise. */
  readonly nested: boolean
  readonly counts: boolean
  /** In the order that the terms are kept in, or those that most entries have first. */
  readonly order: (typeof termOrders)[number]
  /** So many of a facet are seen at first, 1 to 200; the others fold out. */
  readonly first: number
  readonly layout: (typeof indexLayouts)[number]
}

const firstRange = 'Show 1 to 200 at first.'

/** The terms of facets, each a way to its own page. */
export const termIndex = defineFitting<'terms', TermIndexSettings>({
  name: 'terms',
  title: 'Index of terms',
  about: 'The terms of one facet or several, each a way to its page',
  defaults: { facets: [], nested: true, counts: true, order: 'given', first: 12, layout: 'list' },
  styled: [
    { name: 'term-facet', title: 'Name of a facet' },
    { name: 'term-link', title: 'Term', selector: '.term-index a', isPressed: true },
    { name: 'term-count', title: 'How many have it' },
    { name: 'term-more', title: 'Way to more terms', selector: '.term-index summary', isPressed: true },
  ],
  schema: fittingSettings('terms', {
    facets: array(number().integer().positive().required()).max(20, 'Name at most 20 facets.').required(),
    nested: boolean().required(),
    counts: boolean().required(),
    order: string().oneOf(termOrders).required(),
    first: number().integer(firstRange).min(1, firstRange).max(200, firstRange).required(),
    layout: string().oneOf(indexLayouts).required(),
  }),
  showsEntries: true,
})

/** A term of an index with how many entries have it, and what is nested in it. */
export interface IndexedTerm {
  readonly term: Term
  readonly count: number
  readonly children: readonly IndexedTerm[]
}

/**
 * The terms of a facet as an index has them. `counts` are by term, children counted with their
 * parents; what no entry has is left out.
 */
export function indexedTerms(
  terms: readonly Term[],
  counts: ReadonlyMap<number, number>,
  { nested, order }: Pick<TermIndexSettings, 'nested' | 'order'>,
): readonly IndexedTerm[] {
  const under = (parent: number | null): readonly IndexedTerm[] =>
    ordered(
      terms.filter((term) => term.parentId === parent).map((term) => indexed(term, under(term.id))),
      order,
    )
  const indexed = (term: Term, children: readonly IndexedTerm[]): IndexedTerm => ({
    term,
    count: counts.get(term.id) ?? 0,
    children: children.filter((one) => one.count > 0),
  })
  const tree = under(null).filter((one) => one.count > 0)
  return nested ? tree : ordered(flattened(tree), order)
}

function ordered(terms: readonly IndexedTerm[], order: TermIndexSettings['order']): readonly IndexedTerm[] {
  return order === 'given' ? terms : terms.toSorted((a, b) => b.count - a.count)
}

function flattened(terms: readonly IndexedTerm[]): readonly IndexedTerm[] {
  return terms.flatMap((one) => [{ ...one, children: [] }, ...flattened(one.children)])
}
