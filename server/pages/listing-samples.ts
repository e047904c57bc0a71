import { suitedListings, withReadyMadeListing } from '../../core/listing/ready-made'
import type { Listing } from '../../core/listing/definition'
import { siteCss } from '../../core/looks/site-css'
import type { Sample } from '../../core/pages/answers'
import { newPage } from '../../core/pages/definition'
import { withPlacementsAt } from '../../core/pages/moves'
import { columnsOn } from '../../core/pages/standing'
import { listingViewsOf } from '../../site/view'
import { loadCatalogue } from '../content/catalogue'
import { fieldsOf } from '../content/fields'
import type { Db } from '../db/client'
import { askingAnew } from '../listings/ask'
import type { Asked } from '../listings/context'
import { renderPlacementAlone } from '../render/render'
import { placementCss } from './placement-css'
import { listingPageView } from './view'

/** Entries that a sample shows at most. */
const mostShown = 6

/** Every ready-made listing that suits a listing's entries, with the first of them. */
export async function listingSamples(db: Db, listing: Listing, asked: Asked): Promise<readonly Sample[]> {
  const [{ collections, looks }, fields] = await Promise.all([
    loadCatalogue(db),
    fieldsOf(db, listing.from.collections[0] ?? 0),
  ])
  const collection = collections.find(({ id }) => id === listing.from.collections[0])
  const ready = suitedListings(collection?.kind ?? 'plain', (collection?.happening.when ?? null) !== null)
  const look = (name: string) => looks.find((one) => one.name === name)?.id
  const few = { ...listing, amount: { ...listing.amount, take: mostShown, perPage: null, skip: 0 } }
  const listings = new Map(
    ready.map((one) => [one.name, withReadyMadeListing(few, one, { fields, look })] as const),
  )
  const placements = ready.map(
    ({ name }) => ({ kind: 'listing', id: name, listing: name, heading: '' }) as const,
  )
  const bare = newPage(listing.name, '', 'one-column')
  const spot = columnsOn(bare)[0]?.spot ?? 'shelf'
  const asker = askingAnew(db)
  const [{ site }, page] = await Promise.all([
    asker.known(),
    listingPageView(db, asker, { page: withPlacementsAt(bare, spot, placements), listings }, asked),
  ])
  const named = siteCss(site)
  return Promise.all(
    listingViewsOf(page).map(async (view) => ({
      name: view.id,
      html: await renderPlacementAlone(view, [named, placementCss(view)].join('\n'), site),
    })),
  )
}
