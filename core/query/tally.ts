import type { Listing } from '../listing/definition'
import { takeOf } from '../listing/amount'
import type { Words } from '../words'
import { stepPhrase, stepsOf } from './steps'

/** One step of the tally: how many entries are left, and after what. */
export interface TallyStep {
  readonly clause: 'from' | 'amount'
  readonly label: string
  readonly count: number
  /** Why the count is what it is, where that needs saying. */
  readonly note: string | null
}

/**
 * The tally of a listing from the counts that an engine gave for its plan's steps: one step for
 * the collections, one for each rule and for what is left out, then skipping (if any) and taking.
 */
export function tallyOf(listing: Listing, counts: readonly number[], words: Words): readonly TallyStep[] {
  const steps = stepsOf(listing.from).map((step, at): TallyStep => ({
    clause: 'from',
    label: stepPhrase(step, listing.from, words),
    count: counts[at] ?? 0,
    note: at === 0 ? null : emptied(counts[at - 1] ?? 0, counts[at] ?? 0),
  }))
  const passed = counts.at(-1) ?? 0
  const { skip, perPage } = listing.amount
  const take = takeOf(listing.amount)
  const afterSkip = Math.max(0, passed - skip)
  const shown = Math.min(take, afterSkip)
  if (skip > 0)
    steps.push({
      clause: 'amount',
      label: `after skipping ${skip}`,
      count: afterSkip,
      note: emptied(passed, afterSkip),
    })
  steps.push({
    clause: 'amount',
    label: perPage === null || shown <= perPage ? 'shown' : `shown in ${Math.ceil(shown / perPage)} pages`,
    count: shown,
    // In pages the number is a limit, not a wish.
    note: perPage === null && shown < take && shown > 0 ? `${take} asked for, ${shown} there` : null,
  })
  return steps
}

function emptied(before: number, after: number): string | null {
  return before > 0 && after === 0 ? 'nothing is left after this' : null
}
