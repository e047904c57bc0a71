import { newListing } from '../../core/listing/definition'
import { planOf } from '../../core/query/plan'
import { plainContext } from '../../core/query/plan-context'
import type { Db } from '../db/client'
import { knownSite } from './context'
import { facetCounts } from './facet-counts'

/** How many entries of these collections that visitors may see at `now` (epoch milliseconds) have each term of a facet; terms below count for those above. */
export async function termCounts(db: Db, facetId: number, collections: readonly number[], now: number): Promise<Readonly<Record<number, number>>> {
  const [{ words }, terms] = await Promise.all([knownSite(db), db.selectFrom('terms').select('id').where('facet_id', '=', facetId).execute()])
  const listing = newListing('Counted', collections[0] ?? 0)
  const plan = planOf({ ...listing, from: { ...listing.from, collections } }, plainContext(now, words))
  return Object.fromEntries(await facetCounts(db, plan, terms.map((term) => term.id)))
}
