import { sql } from 'kysely'
import type { CountedMonth } from '../../../core/fittings/month-index'
import { visibleAt } from '../../content/visible'
import type { Db, Trx } from '../../db/client'

/** The collections of the site. */
export async function everyCollection(db: Db | Trx): Promise<readonly number[]> {
  const rows = await db.selectFrom('collections').select('id').where('deleted_at', 'is', null).execute()
  return rows.map((row) => row.id)
}

/**
 * The calendar months of a zone in which entries of a collection were published that visitors may see
 * at `now` (epoch milliseconds), the newest first, with how many in each.
 */
export async function publishedMonths(
  db: Db | Trx,
  collection: number,
  zone: string,
  now: number,
): Promise<readonly CountedMonth[]> {
  const { rows } = await sql<CountedMonth>`
    select extract(year from i.published_at at time zone ${zone})::integer as year,
      extract(month from i.published_at at time zone ${zone})::integer as month, count(*)::integer as count
    from entry_index i where i.collection_id = ${collection} and ${visibleAt('i', new Date(now))}
    group by 1, 2 order by 1 desc, 2 desc`.execute(db)
  return rows
}
