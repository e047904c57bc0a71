import type { Listing } from '../listing/definition'
import type { Page } from '../pages/definition'

/** What is edited together: a page and the listings that stand on it or on its shelf. */
export interface PageDocument {
  readonly page: Page
  /** By the listing's UUID. */
  readonly listings: Readonly<Record<string, Listing>>
}

/** Ids of the listings in which two documents differ. */
export function changedListings(before: PageDocument, after: PageDocument): readonly string[] {
  return Object.keys(after.listings).filter((id) => before.listings[id] !== after.listings[id])
}
