import { entryAddressOf, isPattern } from '../../core/content/entry-address'
import type { EntriesOfPage } from '../../core/pages/answers'
import { newPage } from '../../core/pages/definition'
import { visibleAt } from '../content/visible'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { missing } from '../http/problem'
import type { Asked } from '../listings/context'
import { loadSite } from '../site/site'
import { insertPage } from './insert-page'

/**
 * The page of each entry of a collection stands at the collection's address pattern: what is placed
 * on it comes after every entry. A collection may go without.
 */
export async function entriesOfPage(db: Db, path: string, now = Date.now()): Promise<EntriesOfPage | null> {
  if (!isPattern(path)) return null
  const collection = await db
    .selectFrom('collections')
    .select('id')
    .where('address', '=', path)
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!collection) return null
  const [site, newest] = await Promise.all([
    loadSite(db),
    db
      .selectFrom('entry_index as i')
      .innerJoin('entries as e', 'e.id', 'i.entry_id')
      .select(['e.id', 'e.slug', 'i.published_at'])
      .where('i.collection_id', '=', collection.id)
      .where(visibleAt('i', new Date(now)))
      .orderBy('i.published_at', 'desc')
      .orderBy('e.id', 'desc')
      .limit(1)
      .executeTakeFirst(),
  ])
  const address =
    newest === undefined
      ? ''
      : entryAddressOf(path, { slug: newest.slug, publishedAt: newest.published_at.getTime() }, site.zone)
  return { collection: collection.id, sample: newest === undefined ? null : { id: newest.id, address } }
}

/** What a draft is shown for: what was chosen, else, on a page of entries, the newest of them. */
export function askedForPage(asked: Asked, entries: EntriesOfPage | null): Asked {
  const sample = entries?.sample ?? null
  return asked.page !== null || sample === null ? asked : { ...asked, page: { kind: 'entry', id: sample.id } }
}

/** The page of a collection's entries: the one there is, or a new one with nothing on it yet. Throws 404. */
export async function setUpEntryPage(
  db: Db,
  collectionId: number,
  writer: { readonly id: string },
): Promise<{ readonly id: number }> {
  return transact(db, async (trx) => {
    const collection = await trx
      .selectFrom('collections')
      .select(['name', 'address'])
      .where('id', '=', collectionId)
      .where('deleted_at', 'is', null)
      .forUpdate()
      .executeTakeFirst()
    if (!collection) throw missing('The collection')
    const there = await trx
      .selectFrom('pages')
      .select('id')
      .where('path', '=', collection.address)
      .where('deleted_at', 'is', null)
      .executeTakeFirst()
    if (there) return there
    const page = newPage(`${collection.name}: each entry`)
    return insertPage(trx, collection.address, { page, listings: {} }, writer)
  })
}
