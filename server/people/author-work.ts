import { sql } from 'kysely'
import { announceCollectionsOf } from '../content/index-work'
import { indexEntries } from '../content/entry-index'
import type { Trx } from '../db/client'
import { stepSize } from '../work/define'
import type { LongWork, WorkExtent } from '../work/define'
import { extentOf } from '../work/extents'

interface Naming {
  readonly author: number
}

/** Takes an author who was deleted off the entries that name them, and keeps which those were. */
export const authorLeaving: LongWork<Naming, object> = {
  kind: 'author-leaving',
  start: {},
  atOnce: stepSize,
  about: (trx, { author }) =>
    extentOf(
      trx,
      sql<WorkExtent>`
        select name as subject, (select count(*)::integer from entries where author_id = ${author}) as size
        from authors where id = ${author}`,
    ),
  async step(trx, { author }) {
    const { rows } = await sql<{
      id: number
    }>`select id from entries where author_id = ${author} order by id limit ${stepSize} for update`.execute(
      trx,
    )
    const ids = rows.map((row) => row.id)
    if (ids.length === 0) return null
    await sql`update entries set author_id = null where id = any(${sql.val(ids)}::integer[])`.execute(trx)
    await sql`update authors set entry_ids = entry_ids || ${sql.val(ids)}::integer[] where id = ${author}`.execute(
      trx,
    )
    await indexed(trx, ids)
    return {}
  },
}

/** Puts an author who is back on the entries that named them, where nobody else is named since. */
export const authorReturning: LongWork<Naming, object> = {
  kind: 'author-returning',
  start: {},
  atOnce: stepSize,
  about: (trx, { author }) =>
    extentOf(
      trx,
      sql<WorkExtent>`select name as subject, cardinality(entry_ids) as size from authors where id = ${author}`,
    ),
  async step(trx, { author }) {
    const { entry_ids: left } = await trx
      .selectFrom('authors')
      .select('entry_ids')
      .where('id', '=', author)
      .executeTakeFirstOrThrow()
    const ids = left.toSorted((a, b) => a - b).slice(0, stepSize)
    if (ids.length === 0) return null
    await sql`select id from entries where id = any(${sql.val(ids)}::integer[]) order by id for update`.execute(
      trx,
    )
    await sql`update entries set author_id = ${author} where id = any(${sql.val(ids)}::integer[]) and author_id is null`.execute(
      trx,
    )
    await trx
      .updateTable('authors')
      .set({ entry_ids: left.filter((id) => !ids.includes(id)) })
      .where('id', '=', author)
      .execute()
    await indexed(trx, ids)
    return {}
  },
}

async function indexed(trx: Trx, ids: readonly number[]): Promise<void> {
  await indexEntries(trx, ids)
  await announceCollectionsOf(trx, ids)
}
