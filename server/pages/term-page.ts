import { termAddress } from '../../core/content/entry-address'
import { newListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import { newPage } from '../../core/pages/definition'
import type { Page, Placement } from '../../core/pages/definition'
import { withPlacementsAt } from '../../core/pages/moves'
import { spotsOf } from '../../core/pages/standing'
import type { Db } from '../db/client'

/** What stands at a path: a term's page, or the address it has moved to. */
export type FoundTerm =
  | {
      readonly kind: 'page'
      readonly id: number
      readonly page: Page
      readonly listings: ReadonlyMap<string, Listing>
    }
  | { readonly kind: 'moved'; readonly address: string }

/** Entries of each collection at most. */
const most = 12

/**
 * The page of the term that a path names, `/topic/soil`, or null. Each collection it classifies is
 * listed, newest first.
 */
export async function termAt(db: Db, path: string): Promise<FoundTerm | null> {
  const [facetSlug, termSlug, ...more] = path.split('/').slice(1)
  if (!facetSlug || !termSlug || more.length > 0) return null
  const term = await terms(db)
    .where('f.slug', '=', facetSlug)
    .where('t.slug', '=', termSlug)
    .executeTakeFirst()
  if (term) return { kind: 'page', id: term.id, ...(await pageOf(db, term)) }
  const moved = await terms(db)
    .innerJoin('old_addresses as o', 'o.term_id', 't.id')
    .where('o.path', '=', path)
    .executeTakeFirst()
  return moved ? { kind: 'moved', address: termAddress(moved.facet, moved.slug) } : null
}

function terms(db: Db) {
  return db
    .selectFrom('terms as t')
    .innerJoin('facets as f', 'f.id', 't.facet_id')
    .select(['t.id', 't.facet_id', 't.name', 't.slug', 't.description', 'f.slug as facet'])
    .where('t.leaving', '=', false)
    .where('f.deleted_at', 'is', null)
}

async function pageOf(
  db: Db,
  term: {
    readonly id: number
    readonly facet_id: number
    readonly name: string
    readonly description: string
  },
): Promise<{ readonly page: Page; readonly listings: ReadonlyMap<string, Listing> }> {
  const collections = await db
    .selectFrom('collections as c')
    .innerJoin('collection_facets as cf', 'cf.collection_id', 'c.id')
    .select(['c.id', 'c.name'])
    .where('cf.facet_id', '=', term.facet_id)
    .where('c.deleted_at', 'is', null)
    .where(({ exists, selectFrom }) =>
      exists(selectFrom('entry_index as i').select('i.entry_id').whereRef('i.collection_id', '=', 'c.id')),
    )
    .orderBy('c.name')
    .execute()
  const listings = new Map<string, Listing>()
  const placements = collections.map(({ id, name }): Placement => {
    const listing = newListing(name, id)
    const key = `term-${term.id}-${id}`
    listings.set(key, {
      ...listing,
      from: {
        ...listing.from,
        rules: [{ rule: 'terms', facet: term.facet_id, is: 'any', terms: [term.id] }],
      },
      amount: { ...listing.amount, take: most },
    })
    return { kind: 'listing', id: key, listing: key, heading: name }
  })
  const page = newPage(term.name, term.description)
  const [first = 'shelf'] = spotsOf(page)
  return { page: withPlacementsAt(page, first, placements), listings }
}
