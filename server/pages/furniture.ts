import type { NavigationLink } from '../../core/navigation'
import { furnitureAddress } from '../../core/pages/shared-address'
import type { FurnitureName } from '../../core/pages/shared-address'
import { aroundPages } from '../../core/pages/shared-areas'
import { placementViewsOf } from '../../site/view'
import type { Furniture, ListingPageView, PlacementView } from '../../site/view'
import type { Db } from '../db/client'
import type { ListingAsker } from '../listings/ask'
import type { Asked } from '../listings/context'
import { publishedPage } from './pages'
import type { AskedPage } from './shown-on-page'
import { listingPageView } from './view'

/** What stands around a page, with what was asked for it. */
export interface Furnished {
  readonly furniture: Furniture
  readonly views: readonly ListingPageView[]
  readonly asked: readonly AskedPage[]
}

/** Around which page: how it is asked for, and the way to it from the front page. */
interface AskedAround {
  readonly asked: Asked
  readonly trail: readonly NavigationLink[]
  readonly query?: URLSearchParams
  /** What it stands around; nothing where that has no anchors. */
  readonly page?: ListingPageView
}

/**
 * Of these, what somebody set up to stand around every page. Of what nobody set up, or did not publish
 * yet, there is nothing: the usual stands there.
 */
export async function furnished(
  db: Db,
  asker: ListingAsker,
  names: readonly FurnitureName[],
  { asked, trail, query, page: within }: AskedAround,
): Promise<Furnished> {
  const around = await Promise.all(
    names.map(async (name) => {
      const found = await publishedPage(db, furnitureAddress(name))
      if (found === null) return []
      const page = { ...found, around: name, page: aroundPages(found.page, found.id) }
      return [{ name, page, view: await listingPageView(db, asker, { ...page, trail }, asked, query) }]
    }),
  )
  const taken = new Set(within === undefined ? [] : anchorsIn(within))
  const made = around.flat().map((one) => {
    const view = withoutAnchors(one.view, taken)
    anchorsIn(view).forEach((anchor) => taken.add(anchor))
    return { ...one, view }
  })
  const viewOf = (name: FurnitureName) => made.find((one) => one.name === name)?.view ?? null
  return {
    furniture: { head: viewOf('head'), foot: viewOf('foot') },
    views: made.map((one) => one.view),
    asked: made.map((one) => one.page),
  }
}

function anchorsIn(view: ListingPageView): readonly string[] {
  return placementViewsOf(view).flatMap(({ anchor }) => anchor ?? [])
}

/** A view without the anchors that something before it on the page has: an element has one of its own (HTML, 3.2.6). */
function withoutAnchors(view: ListingPageView, taken: ReadonlySet<string>): ListingPageView {
  const free = (one: PlacementView): PlacementView =>
    one.anchor !== null && taken.has(one.anchor) ? { ...one, anchor: null } : one
  return {
    ...view,
    areas: view.areas.map((area) => ({
      ...area,
      bands: area.bands.map((band) => ({ ...band, columns: band.columns.map((column) => column.map(free)) })),
    })),
  }
}
