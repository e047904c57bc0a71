import { mostTogether } from '../../core/pages/page-of-listing'
import { pressAddress } from '../../core/presses/press'
import { askAddress, fromItsStart } from '../../core/pages/asks'
import type { PageAsk, PlacementAsk } from '../../core/pages/asks'
import { hidesBelow } from '../../core/listing/amount'
import type { Amount } from '../../core/listing/amount'
import { addsPages, numbersOf } from '../../core/listing/paging'
import type { Listing } from '../../core/listing/definition'
import { asksOf } from '../../core/visitors/choices'
import { words } from '../../site/words'
import type { MoreView, PagesView, WholeView } from '../../site/paging/view'
import { siteAsked } from '../listings/context'
import type { KnownSite } from '../listings/context'
import type { ShownPlacement } from './shown-on-page'
import type { PlacementAsked } from './view'

/** A placed listing with what is shown of it. */
interface PlacedPage {
  readonly asked: PlacementAsked
  readonly known: KnownSite
  readonly listing: Listing
  /** The id of the placement. */
  readonly placement: string
  /** The id of the listing; null where nothing is told of it. */
  readonly listingId: string | null
  readonly shown: ShownPlacement | undefined
}

/** How visitors come to what of a placed listing is not shown. */
export async function waysThrough({
  asked,
  known,
  listing,
  listingId,
  placement,
  shown,
}: PlacedPage): Promise<{ readonly pages: PagesView | null; readonly whole: WholeView | null }> {
  const { amount } = listing
  if (shown === undefined || amount.perPage === null) return { pages: null, whole: null }
  const isLonger = shown.before > 0 || shown.previous !== null || shown.next !== null
  const chosen = asksOf(shown.choices.chosen, siteAsked(known, listing))
  const found =
    isLonger && amount.paging.kind !== 'turn'
      ? await asked.asker.found(listing, asked, shown.above, chosen)
      : 0
  const paged = { ask: asked.ask, placement, listingId, amount, perPage: amount.perPage, shown, found }
  return { pages: isLonger ? pagesView(paged) : null, whole: wholeView(paged) }
}

/** What the ways through a listing are made from. */
interface Paged {
  readonly ask: PageAsk
  /** The id of the placement. */
  readonly placement: string
  readonly listingId: string | null
  readonly amount: Amount
  readonly perPage: number
  readonly shown: ShownPlacement
  /** How many it shows in all, under what is chosen; 0 where pages are turned and nobody asks. */
  readonly found: number
}

function pagesView(paged: Paged): PagesView {
  const { paging } = paged.amount
  const more = addsPages(paging) ? moreOf(paged) : null
  return {
    kind: paging.kind,
    previous: previousOf(paged),
    next: more === null ? nextOf(paged) : null,
    numbers: paging.kind === 'numbers' ? numbered(paged) : [],
    more,
  }
}

function addressOf({ ask, placement }: Paged, change: Partial<PlacementAsk>): string {
  return askAddress(ask, placement, { ...fromItsStart, ...change })
}

/** Where it is told that a page was asked for; null where it is not. */
function toldOf({ listingId }: Paged, what: string): string | null {
  return listingId === null ? null : pressAddress({ listing: listingId, kind: 'page', what })
}

function previousOf(paged: Paged): PagesView['previous'] {
  const { shown, amount } = paged
  if (shown.previous === null && shown.before === 0) return null
  // From what follows all that can stand at once, the way back is to the beginning.
  const until = addsPages(amount.paging) ? null : shown.previous
  const title = until === null ? words.firstPage : amount.paging.previous || words.previousPage
  return { title, address: addressOf(paged, { until }), told: toldOf(paged, 'previous') }
}

function nextOf(paged: Paged): PagesView['next'] {
  const { shown, amount } = paged
  if (shown.next === null) return null
  return {
    title: amount.paging.next || words.nextPage,
    address: addressOf(paged, { after: shown.next }),
    told: toldOf(paged, 'next'),
  }
}

function numbered(paged: Paged): PagesView['numbers'] {
  const { shown, found, perPage } = paged
  const current = Math.ceil(shown.before / perPage) + 1
  const last = Math.max(current, Math.ceil(found / perPage))
  return numbersOf(current, last).map((one) =>
    one === 'gap'
      ? one
      : {
          number: one,
          address: pageAddress(one),
          isCurrent: one === current,
          told: toldOf(paged, String(one)),
        },
  )

  /** Neighbours go on from what is shown, so that nothing is missed or met again where entries come and go. */
  function pageAddress(number: number): string {
    if (number === 1) return addressOf(paged, {})
    if (number === current - 1 && shown.previous !== null) return addressOf(paged, { until: shown.previous })
    if (number === current + 1 && shown.next !== null) return addressOf(paged, { after: shown.next })
    return addressOf(paged, { page: String(number) })
  }
}

/** More of it, added to what stands, as long as that is not too much for one page. */
function moreOf(paged: Paged): MoreView | null {
  const { shown, amount, perPage, found } = paged
  const { together, after, number } = shown.page
  if (shown.next === null || together >= mostTogether(amount)) return null
  const more = Math.min(perPage, Math.max(1, found - shown.before - shown.rows.length))
  return {
    title: amount.paging.more || words.morePage(more),
    address: addressOf(paged, { after, page: pageNamed(number), shown: String((together + 1) * perPage) }),
    stand: shown.before + shown.rows.length,
    of: found,
    isByItself: amount.paging.kind === 'endless' && together < amount.paging.pages,
    told: toldOf(paged, 'more'),
  }
}

/** A page by its number, as an address has it. */
function pageNamed(number: number | null): string | null {
  return number === null ? null : String(number)
}

/** All of a page of which a narrow one shows less; null where it is shown whole. */
function wholeView({ amount, perPage, shown, ask, placement }: Paged): WholeView | null {
  const count = shown.rows.length
  const below = shown.isWhole ? null : hidesBelow(amount, count)
  if (below === null) return null
  return { address: askAddress(ask, placement, { shown: String(perPage) }), count, below }
}
