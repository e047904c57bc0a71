import { planOf } from '../../core/query/plan'
import type { Plan } from '../../core/query/plan'
import type { Listing } from '../../core/listing/definition'
import type { VisitorAsk } from '../../core/rules/context'
import type { Db } from '../db/client'
import { questionContext } from './context'
import type { Asked, KnownSite } from './context'

/** The plan of a listing as the site is now. */
export async function listingPlan(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  choices: readonly VisitorAsk[] = [],
): Promise<Plan> {
  return planOf(listing, await questionContext(db, known, listing, asked, above, choices))
}
