import { sql } from 'kysely'
import type { Db } from '../db/client'

/**
 * A page of a collection's entries by the names of their authors, the newest made first within each,
 * those without an author last. How many entries each author has is known, so that only those of the
 * page are looked for, however far in it lies.
 */
export async function idsByAuthor(
  db: Db,
  collectionId: number,
  {
    direction,
    skip,
    take,
  }: { readonly direction: 'up' | 'down'; readonly skip: number; readonly take: number },
  collation: string,
): Promise<readonly number[]> {
  const name = sql`a.name collate ${sql.id(collation)} ${sql.raw(direction === 'up' ? 'asc' : 'desc')} nulls last, a.id`
  const { rows } = await sql<{ id: number }>`
    with counted as (
      select key as id, sum(entries)::integer as entries from (
        select key, entries from key_counts where collection_id = ${collectionId}
        union all
        select key, change from key_count_changes where collection_id = ${collectionId}
        union all
        select coalesce(author_id, 0), count(*) from entries
          where collection_id = ${collectionId} and deleted_at is null and status <> 'published' group by author_id
      ) every_way where key > 0 and key in (select id from authors) group by key
    ), held as (
      select a.id, a.name, counted.entries from authors a join counted on counted.id = a.id where counted.entries > 0
      union all
      select 0, null, ${skip + take}::integer
    ), placed as (
      select row_number() over (order by ${name}) as turn, id, entries,
        sum(entries) over (order by ${name}) - entries as before from held a
    )
    select e.id from placed a cross join lateral (
      select id from entries e
      where e.collection_id = ${collectionId} and e.deleted_at is null and coalesce(e.author_id, 0) = a.id
      order by id desc offset greatest(0, ${skip} - a.before) limit ${take}
    ) e
    where a.before < ${skip + take} and a.before + a.entries > ${skip}
    order by a.turn, e.id desc limit ${take}`.execute(db)
  return rows.map((row) => row.id)
}
