import { sql } from 'kysely'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import type { Job } from '../jobs/define'
import { recordChange } from '../live/record-change'
import { extendOccurrences, horizon } from './occurrences'

/** So many entries are held at once. */
const atOnce = 200

/**
 * Moves the horizon up to which what repeats is written down: of those entries alone that have a
 * time between the horizon there was and the one there is by `now` (epoch milliseconds). Tells how
 * many those were.
 */
export async function moveHorizon(db: Db, now: number, stopping?: AbortSignal): Promise<number> {
  let moved = 0
  while (stopping?.aborted !== true) {
    const entries = await transact(db, (trx) => moveSome(trx, now))
    if (entries === 0) break
    moved += entries
  }
  return moved
}

async function moveSome(trx: Trx, now: number): Promise<number> {
  const before = new Date(now + horizon.ahead)
  // Entries are held in the order of their ids, as all who write them do; what another has is another's.
  const { rows } = await sql<{ id: number; collection_id: number }>`
    select e.id, e.collection_id from entries e
    where e.id in (select entry_id from repeating_entries where next_at < ${before} order by entry_id limit ${atOnce})
    order by e.id for update`.execute(trx)
  // Looked at again: somebody else may have moved them while this waited.
  const due = await trx
    .selectFrom('repeating_entries')
    .select('entry_id')
    .where('entry_id', 'in', [0, ...rows.map((row) => row.id)])
    .where('next_at', '<', before)
    .execute()
  const still = new Set(due.map((row) => row.entry_id))
  const collections = [...new Set(rows.map((row) => row.collection_id))].toSorted((a, b) => a - b)
  for (const collection of collections) {
    const ids = rows
      .filter((row) => row.collection_id === collection && still.has(row.id))
      .map((row) => row.id)
    if (ids.length === 0) continue
    await extendOccurrences(trx, collection, ids, now)
    await recordChange(trx, { kind: 'collection', subjectId: collection })
  }
  return rows.length
}

/** Moves the horizon by the clock, once however many servers there are. */
export const horizonMoving: Job = {
  name: 'move-horizon',
  cron: '23 * * * *',
  lease: 600,
  run: async (db, _, stopping) => {
    await moveHorizon(db, Date.now(), stopping)
  },
}
