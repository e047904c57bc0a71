import type { PageDocument } from '../../core/edits/document'
import { storedListing } from '../../core/listing/definition'
import type { Db, Trx } from '../db/client'

/** Whoever writes: an account. */
export interface Writer {
  readonly id: string
}

/** The addresses that pages have. */
export async function pageAddresses(db: Db | Trx): Promise<ReadonlySet<string>> {
  const rows = await db.selectFrom('pages').select('path').where('deleted_at', 'is', null).execute()
  return new Set(rows.map((row) => row.path))
}

/** Stores a new page with new listings, last in the site's order. */
export async function insertPage(
  trx: Trx,
  path: string,
  { page, listings }: PageDocument,
  writer: Writer,
): Promise<{ readonly id: number }> {
  const { last } = await trx
    .selectFrom('pages')
    .select(({ fn }) => fn.max('position').as('last'))
    .executeTakeFirstOrThrow()
  const rows = Object.entries(listings).map(([id, listing]) => ({
    id,
    draft: JSON.stringify(storedListing(listing)),
    draft_by: writer.id,
    published: null,
  }))
  if (rows.length > 0) await trx.insertInto('listings').values(rows).execute()
  return trx
    .insertInto('pages')
    .values({
      path,
      position: Number(last ?? -1) + 1,
      draft: JSON.stringify(page),
      draft_by: writer.id,
      published: null,
    })
    .returning('id')
    .executeTakeFirstOrThrow()
}
