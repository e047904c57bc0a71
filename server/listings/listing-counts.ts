import type { Listing } from '../../core/listing/definition'
import type { ListingCounts } from '../../core/query/answers'
import { askedAlone } from '../../core/query/asked-alone'
import { planOf } from '../../core/query/plan'
import type { Db } from '../db/client'
import { questionContext } from './context'
import type { Asked, KnownSite } from './context'
import { countsOf } from './step-counts'

/**
 * How many entries each step of a listing leaves and each rule alone lets through, and what was
 * picked but is gone.
 */
export async function listingCounts(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
): Promise<ListingCounts> {
  const context = await questionContext(db, known, listing, asked, above)
  const alone = askedAlone(listing.from, context)
  const [counts, gone] = await Promise.all([
    countsOf(
      db,
      planOf(listing, context),
      alone.map((one) => one.asks),
    ),
    goneEntries(
      db,
      [
        ...(listing.from.by === 'hand' ? listing.from.picks.map((pick) => pick.entry) : []),
        ...listing.from.always,
      ],
      asked.now,
    ),
  ])
  return {
    steps: counts.steps,
    above,
    alone: Object.fromEntries(alone.map((one, at) => [one.path, counts.alone[at] ?? 0])),
    gone,
  }
}

/** Of these entries, those that visitors can't see at `now`. */
async function goneEntries(db: Db, ids: readonly number[], now: number): Promise<ListingCounts['gone']> {
  if (ids.length === 0) return []
  const at = new Date(now)
  const rows = await db
    .selectFrom('entries as e')
    .leftJoin('entry_index as i', 'i.entry_id', 'e.id')
    .select(['e.id', 'e.title', 'e.deleted_at', 'i.published_at', 'i.expires_at'])
    .where('e.id', 'in', [...ids])
    .execute()
  const found = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap((id) => {
    const row = found.get(id)
    const isSeen =
      row?.published_at != null && row.published_at <= at && (row.expires_at === null || row.expires_at > at)
    return isSeen ? [] : [{ id, title: row === undefined || row.deleted_at !== null ? null : row.title }]
  })
}
