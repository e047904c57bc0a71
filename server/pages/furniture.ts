import { furnitureAddress, furnitureNames } from '../../core/pages/shared-address'
import type { FurnitureName } from '../../core/pages/shared-address'
import type { Furniture, ListingPageView, NavigationLink } from '../../site/view'
import type { Db } from '../db/client'
import type { ListingAsker } from '../listings/ask'
import type { Asked } from '../listings/context'
import { publishedPage } from './pages'
import type { AskedPage } from './shown-on-page'
import { listingPageView } from './view'

/** What stands around every page, with what was asked for it. */
export interface Furnished {
  readonly furniture: Furniture
  readonly views: readonly ListingPageView[]
  readonly asked: readonly AskedPage[]
}

export const unfurnished: Furnished = { furniture: { head: null, foot: null }, views: [], asked: [] }

/**
 * What somebody set up to stand around every page, on the page at the end of a trail. Of what nobody set
 * up, or did not publish yet, there is nothing: the usual stands there.
 */
export async function furnished(
  db: Db,
  asker: ListingAsker,
  asked: Asked,
  trail: readonly NavigationLink[],
): Promise<Furnished> {
  const made = await Promise.all(furnitureNames.map((name) => furnishing(name, db, asker, asked, trail)))
  return made.reduce<Furnished>(
    (all, one) =>
      one === null
        ? all
        : {
            furniture: { ...all.furniture, [one.name]: one.view },
            views: [...all.views, one.view],
            asked: [...all.asked, one.page],
          },
    unfurnished,
  )
}

async function furnishing(
  name: FurnitureName,
  db: Db,
  asker: ListingAsker,
  asked: Asked,
  trail: readonly NavigationLink[],
) {
  const page = await publishedPage(db, furnitureAddress(name))
  return page === null
    ? null
    : { name, page, view: await listingPageView(db, asker, { ...page, trail }, asked) }
}
