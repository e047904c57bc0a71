import type { ListingCounts } from '../../core/query/answers'
import type { Preview, PreviewedPlacement } from '../../core/pages/answers'
import { noAsk, pageAsk } from '../../core/pages/asks'
import { listingsStandingOn, shownListingsOf } from '../../core/pages/standing'
import { listingViewsOf } from '../../site/view'
import type { PlacedListingView } from '../../site/view'
import type { Db } from '../db/client'
import { askingAnew } from '../listings/ask'
import { listingCounts } from '../listings/listing-counts'
import type { ListingAsker } from '../listings/ask'
import type { Asked } from '../listings/context'
import { listingTrouble } from '../listings/troubles'
import { renderPlacement } from '../render/render'
import { draftView, renderDraft } from './public-document'
import { withSharedAreas } from './shared-areas'
import { shownCards } from './shown-cards'
import { shownDates } from './shown-dates'
import { placementCss } from './placement-css'
import { shownOnPage } from './shown-on-page'
import { placementView } from './view'
import type { AskedDraft } from './public-document'
import type { ShownPlacement } from './shown-on-page'

export interface Draft extends AskedDraft {
  /** Whether the document is wanted, and not only its placements. */
  readonly whole: boolean
  /** What a visitor asks of the page, as its address has it; of a whole page only. */
  readonly visitor: string
}

/**
 * Renders a draft by the renderer of the public pages: the placements that show one of its
 * listings, or the whole document.
 */
export async function previewOf(db: Db, sent: Draft, asked: Asked): Promise<Preview> {
  const asker = askingAnew(db)
  const draft = sent.whole ? await withSharedAreas(db, sent) : sent
  const query = new URLSearchParams(sent.visitor)
  const ask = sent.whole ? pageAsk(draft.page, draft.listings, query) : noAsk
  const shown = await shownOnPage(asker, draft, asked, ask)
  const [{ site }, counts, page] = await Promise.all([
    asker.known(),
    countsOnPage(db, asker, { ...draft, listings: sent.listings }, asked, shown),
    draft.whole ? draftView(db, asker, draft, asked, query, shown) : null,
  ])
  const views = page === null ? await previewedViews(db, asker, draft, shown, asked) : listingViewsOf(page)
  const dates = await shownDates(
    db,
    views.flatMap((view) => view.cards),
    site.zone,
  )
  return {
    placements: page === null ? await Promise.all(views.map(previewed)) : [],
    document: page === null ? null : await renderDraft(db, asker, draft, page, asked),
    counts: counts.told,
    troubles: { ...counts.troubles, ...troublesOf(draft, shown) },
    offered: Object.fromEntries(
      views.flatMap(({ id, visitors }) => (visitors === null ? [] : [[id, visitors.offered]])),
    ),
    shown: Object.fromEntries(views.map((view) => [view.id, shownCards(view.cards, dates, site.locale)])),
  }
}

/** By listing: why it shows nothing, where it could not be answered. */
function troublesOf({ page }: Draft, shown: ReadonlyMap<string, ShownPlacement>): Record<string, string> {
  return Object.fromEntries(
    shownListingsOf(page).flatMap(({ id, listing }) => {
      const trouble = shown.get(id)?.trouble
      return trouble === undefined ? [] : [[listing, trouble]]
    }),
  )
}

async function previewed(view: PlacedListingView): Promise<PreviewedPlacement> {
  return { id: view.id, html: await renderPlacement(view), css: placementCss(view) }
}

/** The placements of the listings that were sent. */
async function previewedViews(
  db: Db,
  asker: ListingAsker,
  { page, listings }: Draft,
  shown: ReadonlyMap<string, ShownPlacement>,
  asked: Asked,
): Promise<readonly PlacedListingView[]> {
  const known = await asker.known()
  const placed = listingsStandingOn(page).filter(({ placement }) => listings.has(placement.listing))
  const views = placed.map((standing) => {
    const { id, listing } = standing.placement
    return placementView(
      db,
      known,
      { page, ...standing, listing: listings.get(listing), shown: shown.get(id) },
      { ...asked, asker, ask: noAsk },
    )
  })
  return (await Promise.all(views)).filter((view) => view !== null)
}

interface Counted {
  readonly told: Record<string, ListingCounts>
  /** Why others could not be counted. */
  readonly troubles: Record<string, string>
}

/** The counts of every listing that is sent, where it stands first on the page. */
async function countsOnPage(
  db: Db,
  asker: ListingAsker,
  { page, listings }: Draft,
  asked: Asked,
  shown: ReadonlyMap<string, ShownPlacement>,
): Promise<Counted> {
  const known = await asker.known()
  const placements = shownListingsOf(page)
  const troubles: Record<string, string> = {}
  const counted = [...listings].map(async ([id, listing]) => {
    const placement = placements.find((one) => one.listing === id)
    const above = placement === undefined ? [] : (shown.get(placement.id)?.above ?? [])
    try {
      return [[id, await listingCounts(db, known, listing, asked, above)]] as const
    } catch (error) {
      troubles[id] = listingTrouble(error)
      return []
    }
  })
  return { told: Object.fromEntries((await Promise.all(counted)).flat()), troubles }
}
