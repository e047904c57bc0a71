import { takeOf } from '../../core/listing/amount'
import type { Listing } from '../../core/listing/definition'
import { chosenPredicate, planOf } from '../../core/query/plan'
import type { VisitorAsk } from '../../core/rules/context'
import type { Db } from '../db/client'
import { questionContext } from './context'
import type { Asked, KnownSite } from './context'
import { countsWithin, monthsOf } from './found-within'
import type { DatesAsked } from './found-within'
import type { CountedIn } from './held-entries'
import { listingPlan } from './plan'
import { passingCount } from './step-counts'

/** How many entries, or dates of them, a listing shows in all. */
export async function foundNow(
  { db, held }: CountedIn,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  choices: readonly VisitorAsk[],
): Promise<number> {
  const plan = await listingPlan(db, known, listing, asked, above, choices)
  return shownOf(await passingCount(db, plan, held), listing)
}

/** So many of what passes are shown. */
function shownOf(passing: number, { amount }: Listing): number {
  return Math.min(Math.max(0, passing - amount.skip), takeOf(amount))
}

/** The months in which a date of what a listing has lies. */
export async function monthsThere(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  { value, zone }: DatesAsked,
): Promise<readonly string[]> {
  const context = await questionContext(db, known, listing, asked, above)
  // Only dates of entries say when something happens.
  const { rows } = planOf(listing, { ...context, choices: value === 'startsAt' ? [anyDate] : [] })
  return monthsOf(db, { ...planOf(listing, context), rows }, value, zone)
}

/** Asks for nothing of when entries happen, but asks it. */
const anyDate: VisitorAsk = {
  rule: 'when',
  asked: { is: 'within', window: { is: 'between', from: null, to: null } },
}

/** How many a listing would show under choices together with each of some others. */
export async function foundWithin(
  { db, held }: CountedIn,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
  choices: readonly VisitorAsk[],
  each: readonly VisitorAsk[],
): Promise<readonly number[]> {
  const together = await questionContext(db, known, listing, asked, above, [...choices, ...each])
  // Choices by one control ask of the same rows, whichever it is: of entries, or of their dates.
  const { rows } = planOf(listing, { ...together, choices: [...choices, ...each.slice(0, 1)] })
  const context = { ...together, choices, collections: listing.from.collections }
  const plan = { ...planOf(listing, context), rows }
  const counts = await countsWithin(
    db,
    plan,
    each.map((one) => chosenPredicate(one, context)),
    held,
  )
  return counts.map((count) => shownOf(count, listing))
}
