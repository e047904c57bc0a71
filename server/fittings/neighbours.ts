import { sql } from 'kysely'
import { entryAddressOf } from '../../core/content/entry-address'
import type { NeighboursSettings } from '../../core/fittings/neighbours'
import type { NavigationLink } from '../../core/navigation'
import type { FittingContents } from '../../site/view'
import { visibleAt } from '../content/visible'
import type { FittingAsked } from './index'

/** The entries of the same collection that visitors may see, next to that of the page by when they were published. */
export async function neighboursContent(
  _settings: NeighboursSettings,
  asked: FittingAsked,
): Promise<FittingContents['neighbours']> {
  const { db, subject } = asked
  if (subject?.kind !== 'entry') return { earlier: null, later: null }
  const here = await db
    .selectFrom('entry_index')
    .select(['entry_id', 'collection_id', 'published_at'])
    .where('entry_id', '=', subject.id)
    .executeTakeFirst()
  if (here === undefined) return { earlier: null, later: null }
  const [earlier, later] = await Promise.all([nextTo(here, 'earlier', asked), nextTo(here, 'later', asked)])
  return { earlier, later }
}

interface Indexed {
  readonly entry_id: number
  readonly collection_id: number
  readonly published_at: Date
}

/** Of what was published at the same moment, the order of making decides. */
async function nextTo(
  here: Indexed,
  way: 'earlier' | 'later',
  { db, known: { site }, now }: FittingAsked,
): Promise<NavigationLink | null> {
  const [beyond, order] = way === 'earlier' ? (['<', 'desc'] as const) : (['>', 'asc'] as const)
  const place = sql`(${here.published_at}::timestamptz, ${here.entry_id}::integer)`
  const row = await db
    .selectFrom('entry_index as i')
    .innerJoin('entries as e', 'e.id', 'i.entry_id')
    .innerJoin('collections as c', 'c.id', 'i.collection_id')
    .select(['e.title', 'e.slug', 'i.published_at', 'c.address'])
    .where('i.collection_id', '=', here.collection_id)
    .where(visibleAt('i', new Date(now)))
    .where(sql<boolean>`(i.published_at, i.entry_id) ${sql.raw(beyond)} ${place}`)
    .orderBy('i.published_at', order)
    .orderBy('i.entry_id', order)
    .limit(1)
    .executeTakeFirst()
  if (row === undefined) return null
  const published = { slug: row.slug, publishedAt: row.published_at.getTime() }
  return { title: row.title, path: entryAddressOf(row.address, published, site.zone) }
}
