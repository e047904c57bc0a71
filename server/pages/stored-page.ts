import { pageVersion } from '../../core/pages/definition'
import type { Page } from '../../core/pages/definition'
import { parsePage } from '../../core/pages/parse-page'
import { furnitureAddress, furnitureNames } from '../../core/pages/shared-address'
import { sharedOn, withSharedShown } from '../../core/pages/shared-areas'
import type { Db, Trx } from '../db/client'

/** A page as it is stored: it may be of an older version. */
export interface StoredPage {
  readonly version: number
  readonly title: string
}

/** A stored page as one of today. Throws when what is stored is no page. */
export function readPage(stored: StoredPage): Page {
  // What was written as one of this version was checked before it was.
  if (stored.version === pageVersion) return stored as Page
  const parsed = parsePage(stored)
  if (parsed.ok) return parsed.value
  const [fault] = parsed.faults
  throw new Error(`A stored page can’t be read: ${fault?.path}: ${fault?.message}`)
}

/** A page as it is stored, for whoever writes it next and nobody else until then; undefined where it is gone. */
export function lockedPage(trx: Trx, id: number) {
  return trx
    .selectFrom('pages')
    .select(['id', 'path', 'draft', 'draft_version', 'published'])
    .where('id', '=', id)
    .where('deleted_at', 'is', null)
    .forUpdate()
    .executeTakeFirst()
}

/** Writes a draft as its next version, after the one that was seen. */
export async function writeDraft(
  trx: Trx,
  id: number,
  page: Page,
  version: number,
  by: { readonly id: string },
): Promise<void> {
  await trx
    .updateTable('pages')
    .set({ draft: JSON.stringify(page), draft_version: version + 1, draft_by: by.id, draft_at: new Date() })
    .where('id', '=', id)
    .execute()
}

/** A page with what visitors see in its shared areas; nothing in those that are gone. */
export async function withShownAreas(db: Db | Trx, page: Page): Promise<Page> {
  const ids = sharedOn(page)
  if (ids.length === 0) return page
  const rows = await db
    .selectFrom('pages')
    .select(['id', 'published'])
    .where('id', 'in', ids)
    .where('deleted_at', 'is', null)
    .execute()
  const shown = rows.flatMap(({ id, published }) =>
    published === null ? [] : [[id, readPage(published)] as const],
  )
  return withSharedShown(page, new Map(shown))
}

/** What somebody set up and published to stand around every page. */
export async function publishedFurniture(db: Db | Trx): Promise<readonly Page[]> {
  const rows = await db
    .selectFrom('pages')
    .select('published')
    .where('path', 'in', furnitureNames.map(furnitureAddress))
    .where('deleted_at', 'is', null)
    .execute()
  return rows.flatMap(({ published }) => (published === null ? [] : [readPage(published)]))
}
