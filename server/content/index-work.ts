import { sql } from 'kysely'
import type { Trx } from '../db/client'
import { recordChange } from '../live/record-change'
import { collectionExtent, termsExtent } from '../work/extents'
import { atStart, progressAfter } from '../work/define'
import type { LongWork, Progress } from '../work/define'
import { indexEntries } from './entry-index'
import { indexWords } from './entry-words'
import { refreshFieldIndex } from './field-index'

/** Words take their time: fewer entries a step than where only the index is written. */
const indexedAtOnce = 100
/** So many entries at once where only the index is written. */
const lockedAtOnce = 1000

/**
 * Indexes all entries of a collection anew, deleted ones too: after a change to its fields or
 * facets, or when it goes or comes back.
 */
export const collectionIndexing: LongWork<{ readonly collection: number }, Progress> = {
  kind: 'index-collection',
  start: atStart,
  atOnce: indexedAtOnce,
  about: (trx, { collection }) => collectionExtent(trx, collection),
  async step(trx, { collection }, { after }) {
    const { rows } = await sql<{ id: number }>`
      select id from entries where collection_id = ${collection} and id > ${after} order by id limit ${indexedAtOnce} for update`.execute(
      trx,
    )
    const ids = rows.map((row) => row.id)
    await refreshFieldIndex(trx, collection, ids)
    await indexWords(trx, ids)
    await recordChange(trx, { kind: 'collection', subjectId: collection })
    return progressAfter(ids)
  },
}

/** Indexes the entries of some terms anew: they lie under others now. */
export const termIndexing: LongWork<{ readonly terms: readonly number[] }, Progress> = {
  kind: 'index-terms',
  start: atStart,
  atOnce: lockedAtOnce,
  about: (trx, { terms }) => termsExtent(trx, terms),
  async step(trx, { terms }, { after }) {
    const ids = await lockEntriesWith(trx, terms, after)
    await indexEntries(trx, ids)
    await announceCollectionsOf(trx, ids)
    return progressAfter(ids)
  },
}

/** The next entries that have one of the terms, held against other writers. */
export async function lockEntriesWith(
  trx: Trx,
  terms: readonly number[],
  after: number,
): Promise<readonly number[]> {
  const { rows } = await sql<{ id: number }>`
    select id from entries where id in (
      select distinct entry_id from entry_terms where term_id = any(${sql.val([...terms])}::integer[]) and entry_id > ${after} order by entry_id limit ${lockedAtOnce}
    ) order by id for update`.execute(trx)
  return rows.map((row) => row.id)
}

/** Tells open pages of the collections that entries belong to. */
export async function announceCollectionsOf(trx: Trx, ids: readonly number[]): Promise<void> {
  if (ids.length === 0) return
  const rows = await trx
    .selectFrom('entries')
    .select('collection_id')
    .distinct()
    .where('id', 'in', [...ids])
    .orderBy('collection_id')
    .execute()
  for (const row of rows) await recordChange(trx, { kind: 'collection', subjectId: row.collection_id })
}
