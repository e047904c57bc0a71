import { planOf } from '../../core/query/plan'
import type { Page } from '../../core/pages/definition'
import { frames } from '../../core/pages/frames'
import type { Db } from '../db/client'
import { stepCounts } from '../listings/answer'
import { renderPlacement } from '../render/render'
import type { Site } from '../site/site'
import { draftDocument } from './public-document'
import { placementCss, placementView } from './view'
import type { Listings } from './view'
import type { Preview, PreviewedPlacement } from '../../core/pages/answers'

/**
 * Renders a draft by the renderer of the public pages: the placements that show one of `listings`,
 * or with `whole` the document. `now` is epoch milliseconds.
 */
export async function previewOf(
  db: Db,
  site: Site,
  draft: { readonly path: string; readonly page: Page; readonly listings: Listings; readonly whole: boolean },
  now: number,
): Promise<Preview> {
  const [placements, document, counts] = await Promise.all([
    draft.whole ? [] : previewedPlacements(db, site, draft.page, draft.listings, now),
    draft.whole ? draftDocument(db, site, draft, now) : null,
    listingCounts(db, site, draft.listings, now),
  ])
  return { placements, document, counts }
}

async function previewedPlacements(
  db: Db,
  site: Site,
  page: Page,
  listings: Listings,
  now: number,
): Promise<readonly PreviewedPlacement[]> {
  const shown = frames
    .get(page.frame)
    .areas.flatMap((area) => page.areas[area.name].map((placement) => ({ area: area.name, placement })))
    .filter(({ placement }) => listings.has(placement.listing))
  const previewed = shown.map(async ({ area, placement }) => {
    const view = await placementView(db, site, page, area, placement, listings.get(placement.listing), now)
    return view === null ? null : { id: placement.id, html: await renderPlacement(view), css: placementCss(view) }
  })
  return (await Promise.all(previewed)).filter((one) => one !== null)
}

async function listingCounts(
  db: Db,
  site: Site,
  listings: Listings,
  now: number,
): Promise<Record<string, readonly number[]>> {
  const counted = [...listings].map(async ([id, listing]) => {
    return [id, await stepCounts(db, planOf(listing, { now, zone: site.zone }))] as const
  })
  return Object.fromEntries(await Promise.all(counted))
}
