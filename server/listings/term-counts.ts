import type { Listing } from '../../core/listing/definition'
import type { Db } from '../db/client'
import type { ListingAsker } from './ask'
import type { Asked } from './context'

/**
 * How many of the entries that pass a listing have each term of a facet; terms below count for
 * those above.
 */
export async function termCounts(
  db: Db,
  asker: ListingAsker,
  facetId: number,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
): Promise<Readonly<Record<number, number>>> {
  const terms = await db
    .selectFrom('terms')
    .select('id')
    .where('facet_id', '=', facetId)
    .orderBy('id')
    .execute()
  return Object.fromEntries(
    await asker.counted(
      listing,
      asked,
      above,
      terms.map((term) => term.id),
    ),
  )
}
