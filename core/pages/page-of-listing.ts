import { addsPages } from '../listing/paging'
import { mostShown } from '../listing/amount'
import type { Amount } from '../listing/amount'
import type { PageAsked } from '../query/page-asked'
import type { PlacementAsk } from './asks'

/** Which page of a listing an address asks for, and what in it means nothing. */
export interface ReadPage {
  readonly page: PageAsked
  /** Whether all of it is to stand, also where it is so narrow that it shows less. */
  readonly isWhole: boolean
  readonly unknown: readonly string[]
}

/** So many of a listing's pages stand together at most. */
export function mostTogether({ perPage, paging }: Pick<Amount, 'perPage' | 'paging'>): number {
  return perPage === null || !addsPages(paging) ? 1 : Math.max(1, Math.floor(mostShown / perPage))
}

/** Reads which page of a listing is asked for. What does not fit how it is paged is the nearest that does. */
export function pageOfListing({ after, until, page, shown, turn }: PlacementAsk, amount: Amount): ReadPage {
  const [number, entries] = [countIn(page), countIn(shown)]
  const together = Math.ceil((entries ?? 0) / (amount.perPage ?? Infinity)) || 1
  return {
    page: { after, until, number, together: Math.min(together, mostTogether(amount)), turn },
    isWhole: entries !== null,
    unknown: [
      ...(page !== null && number === null ? [page] : []),
      ...(shown !== null && entries === null ? [shown] : []),
    ],
  }
}

/** A whole number from 1, as an address has it; null for anything else. */
function countIn(text: string | null): number | null {
  return text !== null && /^[1-9]\d{0,8}$/.test(text) ? Number(text) : null
}
