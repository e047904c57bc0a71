import { termAddress } from '../../core/content/entry-address'
import type { Term } from '../../core/content/terms'
import { indexedTerms } from '../../core/fittings/term-index'
import type { IndexedTerm, TermIndexSettings } from '../../core/fittings/term-index'
import type { FittingContents, LinkedTerm } from '../../site/view'
import { keyCounts } from '../listings/key-counts'
import type { FittingAsked } from './index'

/** The terms of facets with the entries that visitors may see. */
export async function termIndexContent(
  settings: TermIndexSettings,
  { db, known, now }: FittingAsked,
): Promise<FittingContents['terms']> {
  const facets = await facetsOf(settings, db)
  const ids = facets.flatMap(({ terms }) => terms.map((term) => term.id))
  const counts = await keyCounts(db, known.collections, ids, now)
  return facets.flatMap(({ name, slug, terms }) => {
    const linked = indexedTerms(terms, counts, settings).map((one) => linkedTerm(slug, one))
    if (linked.length === 0) return []
    return [{ name, first: linked.slice(0, settings.first), others: linked.slice(settings.first) }]
  })
}

function linkedTerm(facet: string, { term, count, children }: IndexedTerm): LinkedTerm {
  return {
    name: term.name,
    address: termAddress(facet, term.slug),
    count,
    children: children.map((one) => linkedTerm(facet, one)),
  }
}

interface FacetOfTerms {
  readonly name: string
  readonly slug: string
  readonly terms: readonly Term[]
}

/** The facets that are wanted, with their terms in the order in which they are kept. */
async function facetsOf(
  { facets }: TermIndexSettings,
  db: FittingAsked['db'],
): Promise<readonly FacetOfTerms[]> {
  const rows = await db
    .selectFrom('facets')
    .select(['id', 'name', 'slug'])
    .where('deleted_at', 'is', null)
    .$if(facets.length > 0, (query) => query.where('id', 'in', [...facets]))
    .orderBy('position')
    .orderBy('id')
    .execute()
  if (rows.length === 0) return []
  const terms = await db
    .selectFrom('terms')
    .select(['id', 'facet_id as facetId', 'parent_id as parentId', 'name', 'slug'])
    .where(
      'facet_id',
      'in',
      rows.map((row) => row.id),
    )
    .where('leaving', '=', false)
    .orderBy('position')
    .orderBy('id')
    .execute()
  const wanted = facets.length === 0 ? rows : facets.flatMap((id) => rows.filter((row) => row.id === id))
  return wanted.map(({ id, name, slug }) => ({
    name,
    slug,
    terms: terms.filter((term) => term.facetId === id),
  }))
}
