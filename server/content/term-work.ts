import { sql } from 'kysely'
import type { Trx } from '../db/client'
import { recordChange } from '../live/record-change'
import { atStart, progressAfter, stepSize } from '../work/define'
import type { LongWork, Progress, WorkExtent } from '../work/define'
import { extentOf, termsExtent } from '../work/extents'
import { indexEntries } from './entry-index'
import { announceCollectionsOf, lockEntriesWith } from './index-work'

interface Leaving {
  /** The change that tells of it. */
  readonly change: string
  readonly term: number
  /** The term that takes its entries; null where it is deleted. */
  readonly into: number | null
  /** Those that were nested under it. */
  readonly children: readonly number[]
}

/** First the entries of the term itself, then those of the terms that lay under it. */
interface Phase extends Progress {
  readonly of: 'entries' | 'nested'
}

/** Takes a term off its entries, gives them the one that it becomes, and then it is gone. */
export const termLeaving: LongWork<Leaving, Phase> = {
  kind: 'term-leaving',
  start: { of: 'entries', ...atStart },
  atOnce: stepSize,
  about: (trx, { term, children }) => termsExtent(trx, [term, ...children]),
  async step(trx, detail, { of, after }) {
    if (of === 'nested') return (await indexNested(trx, detail.children, after)) ?? gone(trx, detail.term)
    const ids = await lockEntriesWith(trx, [detail.term], 0)
    if (ids.length === 0) return { of: 'nested', ...atStart }
    await takeOff(trx, { ...detail, into: await becomes(trx, detail) }, ids)
    await indexEntries(trx, ids)
    await announceCollectionsOf(trx, ids)
    return { of: 'entries', ...atStart }
  },
}

/** The term that takes the entries, as it is by now; nobody changes that before they have it. */
async function becomes(trx: Trx, { term, into }: Leaving): Promise<number | null> {
  if (into === null) return null
  return (
    (
      await trx
        .selectFrom('merged_terms')
        .select('into_id')
        .where('id', '=', term)
        .forShare()
        .executeTakeFirst()
    )?.into_id ?? null
  )
}

async function takeOff(trx: Trx, { change, term, into }: Leaving, ids: readonly number[]): Promise<void> {
  const chosen = sql`any(${sql.val([...ids])}::integer[])`
  await sql`
    insert into term_change_entries (change_id, entry_id, position, got)
    select ${change}::uuid, entry_id, position, ${into}::integer is not null and not exists (select from entry_terms other where other.entry_id = own.entry_id and other.term_id = ${into}::integer)
    from entry_terms own where term_id = ${term} and entry_id = ${chosen} on conflict do nothing`.execute(trx)
  if (into !== null)
    await sql`
      insert into entry_terms (entry_id, term_id, position)
      select entry_id, ${into}::integer, position from entry_terms where term_id = ${term} and entry_id = ${chosen} on conflict do nothing`.execute(
      trx,
    )
  await sql`delete from entry_terms where term_id = ${term} and entry_id = ${chosen}`.execute(trx)
}

async function gone(trx: Trx, term: number): Promise<null> {
  await trx.deleteFrom('terms').where('id', '=', term).where('leaving', '=', true).execute()
  await recordChange(trx, { kind: 'site', subjectId: null })
  return null
}

interface Returning {
  readonly change: string
  readonly term: number
  readonly into: number | null
  readonly children: readonly number[]
}

/** Gives a term that is back its entries, and takes off them what they had instead. */
export const termReturning: LongWork<Returning, Phase> = {
  kind: 'term-returning',
  start: { of: 'entries', ...atStart },
  atOnce: stepSize,
  about: (trx, { change, term }) =>
    extentOf(
      trx,
      sql<WorkExtent>`
        select name as subject, (select count(*)::integer from term_change_entries where change_id = ${change}::uuid) as size
        from terms where id = ${term}`,
    ),
  async step(trx, { change, term, into, children }, { of, after }) {
    if (of === 'nested') return indexNested(trx, children, after)
    const { rows } = await sql<{ id: number }>`
      select id from entries where id in (select entry_id from term_change_entries where change_id = ${change}::uuid and entry_id > ${after} order by entry_id limit 1000)
      order by id for update`.execute(trx)
    const ids = rows.map((row) => row.id)
    const progress = progressAfter(ids)
    if (progress === null) return { of: 'nested', ...atStart }
    const back = sql`term_change_entries back where change_id = ${change}::uuid and back.entry_id = any(${sql.val([...ids])}::integer[])`
    if (into !== null)
      await sql`delete from entry_terms where term_id = ${into} and entry_id in (select back.entry_id from ${back} and got)`.execute(
        trx,
      )
    await sql`
      insert into entry_terms (entry_id, term_id, position)
      select back.entry_id, t.id, back.position from terms t, ${back} and t.id = ${term} on conflict do nothing`.execute(
      trx,
    )
    await indexEntries(trx, ids)
    await announceCollectionsOf(trx, ids)
    return { of: 'entries', ...progress }
  },
}

/** Indexes the entries of terms and of all that lies under them: those above them are others now. */
async function indexNested(trx: Trx, terms: readonly number[], after: number): Promise<Phase | null> {
  const { rows } = await sql<{ id: number }>`
    with recursive nested (id) as (
      select id from terms where id = any(${sql.val([...terms])}::integer[])
      union
      select terms.id from nested join terms on terms.parent_id = nested.id
    ) select id from nested`.execute(trx)
  const ids = await lockEntriesWith(
    trx,
    rows.map((row) => row.id),
    after,
  )
  await indexEntries(trx, ids)
  await announceCollectionsOf(trx, ids)
  const progress = progressAfter(ids)
  return progress === null ? null : { of: 'nested', ...progress }
}
