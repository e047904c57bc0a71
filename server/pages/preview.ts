import type { ListingCounts } from '../../core/query/answers'
import type { Preview, PreviewedPlacement } from '../../core/pages/answers'
import { frames } from '../../core/pages/frames'
import type { Db } from '../db/client'
import { askingAnew, listingCounts } from '../listings/ask'
import type { ListingAsker } from '../listings/ask'
import type { Asked } from '../listings/context'
import { renderPlacement } from '../render/render'
import { draftDocument } from './public-document'
import { placementCss, placementView, shownOnPage } from './view'
import type { AskedDraft } from './public-document'
import type { ShownPlacement } from './view'

export interface Draft extends AskedDraft {
  /** Whether the document is wanted, and not only its placements. */
  readonly whole: boolean
}

/** Renders a draft by the renderer of the public pages: the placements that show one of its listings, or the whole document. */
export async function previewOf(db: Db, draft: Draft, asked: Asked): Promise<Preview> {
  const asker = askingAnew(db)
  const shown = await shownOnPage(asker, draft, asked)
  const [placements, document, counts] = await Promise.all([
    draft.whole ? [] : previewedPlacements(db, asker, draft, shown, asked.now),
    draft.whole ? draftDocument(db, asker, draft, asked) : null,
    countsOnPage(db, asker, draft, asked, shown),
  ])
  return { placements, document, counts }
}

async function previewedPlacements(db: Db, asker: ListingAsker, { page, listings }: Draft, shown: ReadonlyMap<string, ShownPlacement>, now: number): Promise<readonly PreviewedPlacement[]> {
  const { site } = await asker.known()
  const placed = frames
    .get(page.frame)
    .areas.flatMap((area) => page.areas[area.name].map((placement) => ({ area: area.name, placement })))
    .filter(({ placement }) => listings.has(placement.listing))
  const previewed = placed.map(async ({ area, placement }) => {
    const view = await placementView(db, site, { page, area, placement, listing: listings.get(placement.listing), shown: shown.get(placement.id) }, now)
    return view === null ? null : { id: placement.id, html: await renderPlacement(view), css: placementCss(view) }
  })
  return (await Promise.all(previewed)).filter((one) => one !== null)
}

/** The counts of every listing that is sent, where it stands first on the page. */
async function countsOnPage(db: Db, asker: ListingAsker, { page, listings }: Draft, asked: Asked, shown: ReadonlyMap<string, ShownPlacement>): Promise<Record<string, ListingCounts>> {
  const known = await asker.known()
  const placements = frames.get(page.frame).areas.flatMap((area) => page.areas[area.name])
  const counted = [...listings].map(async ([id, listing]) => {
    const placement = placements.find((one) => one.listing === id)
    const above = placement === undefined ? [] : (shown.get(placement.id)?.above ?? [])
    return [id, await listingCounts(db, known, listing, asked, above)] as const
  })
  return Object.fromEntries(await Promise.all(counted))
}
