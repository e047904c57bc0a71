import { randomUUID } from 'node:crypto'
import { newPage } from '~~/core/pages/definition'
import type { Page, PlacedListing } from '~~/core/pages/definition'
import { withPlacementsAt } from '~~/core/pages/moves'
import type { Db } from '~~/server/db/client'
import type { Writer } from '~~/server/pages/insert-page'
import { addPage } from '~~/server/pages/making-pages'
import { editedPage, saveDraft } from '~~/server/pages/pages'
import type { DraftInput } from '~~/server/pages/pages'
import { publishPage } from '~~/server/pages/publishing'
import type { SeenVersions } from '~~/server/pages/publishing'

/** What somebody does with the pages of a site, each time with what is newest. */
export function handOn(db: Db, writer: Writer) {
  async function seen(id: number): Promise<SeenVersions> {
    const { version, listings } = await editedPage(db, id)
    return { version, listings: Object.fromEntries(listings.map((one) => [one.id, one.version])) }
  }

  return {
    seen,
    /** Leaves a site without pages and listings. */
    async clear(): Promise<void> {
      await db.deleteFrom('pages').execute()
      await db.deleteFrom('listings').execute()
    },
    /** Makes an empty page with a main and a side area; its id. */
    async add(title: string, address: string): Promise<number> {
      const beginning = { with: 'frame', frame: 'main-side' }
      return (await addPage(db, { title, address, beginning }, writer)).id
    },
    async save(id: number, page: Page, listings: DraftInput['listings'] = []) {
      const { version } = await editedPage(db, id)
      return saveDraft(db, id, { version, page, listings }, writer)
    },
    async publish(id: number) {
      return publishPage(db, id, await seen(id), writer)
    },
  }
}

/** A listing as it is placed. */
export function placed(listing: string): PlacedListing {
  return { kind: 'listing', id: randomUUID(), listing, heading: '' }
}

/** A page with things in its main area. */
export function pageWith(title: string, ...things: readonly PlacedListing[]): Page {
  return withPlacementsAt(newPage(title), '1/0', things)
}
