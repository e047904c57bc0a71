import { createHash, randomBytes } from 'node:crypto'
import { isbot } from 'isbot'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { recordReads } from '../listings/read-windows'
import { recordChange } from '../live/record-change'
import { loadSite } from '../site/site'
import { civilDayOf } from '../../core/time/zones'

/** So many readers are told apart at once; with more, the first are forgotten. */
const mostKnown = 200_000

export interface Reader {
  /** As `clientOf` names it. */
  readonly client: string
  /** The header User-Agent (RFC 9110, 10.1.5). */
  readonly agent: string
}

/**
 * Counts reads in memory and writes them together. One reader counts once a day for an entry; who that
 * is, is kept only as a hash with a salt that changes each day and is never written.
 */
export class ReadCounter {
  private pending = new Map<number, number>()
  private readonly known = new Set<string>()
  private salt = randomBytes(16)
  private saltDay = ''

  constructor(private readonly db: Db) {}

  /** Counts a read, unless a program made it, or the same reader today. `now` is epoch milliseconds. */
  count(entry: number, { client, agent }: Reader, now: number): boolean {
    if (agent === '' || isbot(agent)) return false
    this.renewSalt(now)
    const reader = createHash('sha256')
      .update(this.salt)
      .update(`${client}\0${agent}\0${entry}`)
      .digest('base64url')
      .slice(0, 16)
    if (this.known.has(reader)) return false
    if (this.known.size >= mostKnown) this.known.delete(this.known.values().next().value ?? '')
    this.known.add(reader)
    this.pending.set(entry, (this.pending.get(entry) ?? 0) + 1)
    return true
  }

  /** Writes what was counted. What can't be written is kept for the next time. */
  async write(now: number): Promise<void> {
    const counted = this.pending
    if (counted.size === 0) return
    this.pending = new Map()
    try {
      await transact(this.db, async (trx) => {
        const { zone } = await loadSite(trx)
        const day = new Date(civilDayOf(now, zone)).toISOString().slice(0, 10)
        const rows = await trx
          .selectFrom('entry_index as i')
          .innerJoin('entries as e', 'e.id', 'i.entry_id')
          .select(['e.id', 'e.collection_id'])
          .where('e.id', 'in', [...counted.keys()])
          .orderBy('e.id')
          .forUpdate('e')
          .execute()
        await recordReads(
          trx,
          rows.map(({ id }) => ({ entryId: id, day, count: counted.get(id) ?? 0 })),
        )
        for (const collection of new Set(rows.map((row) => row.collection_id)))
          await recordChange(trx, { kind: 'reads', subjectId: collection })
      })
    } catch (error) {
      for (const [entry, count] of counted) this.pending.set(entry, (this.pending.get(entry) ?? 0) + count)
      throw error
    }
  }

  private renewSalt(now: number): void {
    const day = new Date(now).toISOString().slice(0, 10)
    if (day === this.saltDay) return
    this.saltDay = day
    this.salt = randomBytes(16)
    this.known.clear()
  }
}
