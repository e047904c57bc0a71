import { sql } from 'kysely'
import { same } from '../../core/same'
import type { Listing } from '../../core/listing/definition'
import type { ListingVersion } from '../../core/pages/answers'
import { changesOfListing } from '../../core/pages/changes'
import type { Db } from '../db/client'
import { missing } from '../http/problem'
import { knownSite } from '../listings/context'
import { readListing } from './pages'

/** So many versions are told of a listing, the newest first. */
const most = 50

/** What visitors had of a listing on any page, the newest first: when, by whom, and what was another than before. */
export async function listingVersions(db: Db, listing: string): Promise<readonly ListingVersion[]> {
  const [rows, { words }] = await Promise.all([
    db
      .selectFrom(versions(db, listing).as('v'))
      .selectAll()
      .where((where) => where.or([where('before', 'is', null), sql<boolean>`"before" <> "is"`]))
      .orderBy('id', 'desc')
      .limit(most)
      .execute(),
    knownSite(db),
  ])
  return rows.flatMap((row): readonly ListingVersion[] => {
    const is = readListing(row.is)
    const was = row.before === null ? null : readListing(row.before)
    if (was !== null && same(was, is)) return []
    return [
      {
        id: row.id,
        publishedAt: row.published_at.getTime(),
        publishedBy: row.by,
        page: row.page,
        isFirst: was === null,
        changes: was === null ? [] : changesOfListing(listing, was, is, words),
      },
    ]
  })
}

/** A listing as it was for visitors once. Throws 404. */
export async function listingVersion(db: Db, listing: string, version: number): Promise<Listing> {
  const row = await versions(db, listing).where('v.id', '=', version).executeTakeFirst()
  if (row === undefined) throw missing('This version of the listing')
  return readListing(row.is)
}

/** Publications of pages with the listing, each with what it was in the one before. */
function versions(db: Db, listing: string) {
  const is = sql<unknown>`v.listings -> ${listing}`
  return db
    .selectFrom('page_versions as v')
    .leftJoin('accounts as a', 'a.id', 'v.published_by')
    .select(['v.id', 'v.published_at', 'a.name as by'])
    .select(is.as('is'))
    .select(sql<unknown>`lag(v.listings -> ${listing}) over (order by v.id)`.as('before'))
    .select(sql<string>`v.page ->> 'title'`.as('page'))
    .where(sql<boolean>`v.listings ? ${listing}`)
}
