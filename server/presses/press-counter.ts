import { isbot } from 'isbot'
import { sql } from 'kysely'
import { RateLimiterMemory } from 'rate-limiter-flexible'
import { countedChoice, countedPage } from '../../core/presses/press'
import type { Press } from '../../core/presses/press'
import { civilDayOf } from '../../core/time/zones'
import type { Db } from '../db/client'
import { transact } from '../db/transact'
import { knownSite } from '../listings/context'
import { readListing } from '../pages/pages'
import { ensureMonth } from './months'

/** So many different presses are counted between two times of writing; more are let go. */
const mostPending = 20_000
/** And so many of one client in an hour. Who that is, is known for that long only, and written nowhere. */
const mostAnHour = 600

/** What of a press tells that it is not to be counted. */
export interface Presser {
  /** As `clientOf` names it. */
  readonly client: string
  /** The header User-Agent (RFC 9110, 10.1.5). */
  readonly agent: string
  /** Whether who pressed asks not to be followed: DNT (W3C, Tracking Preference Expression) or Sec-GPC (Global Privacy Control). */
  readonly isPrivate: boolean
}

/** Counts presses in memory and writes them together, by the day: how often, and nothing of whose they were. */
export class PressCounter {
  private pending = new Map<string, { readonly press: Press; readonly count: number }>()
  private readonly limiter = new RateLimiterMemory({ points: mostAnHour, duration: 3600 })

  constructor(private readonly db: Db) {}

  /** Counts a press, unless a program made it, nobody is to know of it, or the same client made too many. */
  async count(press: Press, { client, agent, isPrivate }: Presser): Promise<boolean> {
    if (isPrivate || agent === '' || isbot(agent)) return false
    const isUsual = await this.limiter.consume(client).then(
      () => true,
      () => false,
    )
    return isUsual && this.add(press, 1)
  }

  /** Writes what was counted of what is there; `now` is epoch milliseconds. What can't be written is kept for the next time. */
  async write(now: number): Promise<void> {
    const counted = [...this.pending.values()]
    if (counted.length === 0) return
    this.pending = new Map()
    try {
      await this.put(counted, now)
    } catch (error) {
      for (const { press, count } of counted) this.add(press, count)
      throw error
    }
  }

  private add(press: Press, count: number): boolean {
    const name = `${press.listing} ${press.kind} ${press.what}`
    const before = this.pending.get(name)?.count ?? 0
    if (before === 0 && this.pending.size >= mostPending) return false
    this.pending.set(name, { press, count: before + count })
    return true
  }

  private async put(
    counted: readonly { readonly press: Press; readonly count: number }[],
    now: number,
  ): Promise<void> {
    const { site, named } = await knownSite(this.db)
    const controls = await this.controlsOf(counted.map(({ press }) => press.listing))
    const entries = await this.entriesAmong(counted.map(({ press }) => press))
    const countedAs = ({ listing, kind, what }: Press): string | null => {
      if (kind === 'choice') return countedChoice(what, controls.get(listing) ?? [], named)
      if (kind === 'page') return countedPage(what)
      return entries.has(Number(what)) ? what : null
    }
    const sums = new Map<string, { readonly press: Press; readonly count: number }>()
    for (const { press, count } of counted) {
      const what = controls.has(press.listing) ? countedAs(press) : null
      if (what === null) continue
      const name = `${press.listing} ${press.kind} ${what}`
      sums.set(name, { press: { ...press, what }, count: (sums.get(name)?.count ?? 0) + count })
    }
    if (sums.size === 0) return
    const day = new Date(civilDayOf(now, site.zone)).toISOString().slice(0, 10)
    const rows = [...sums.values()]
      .map(({ press, count }) => ({ listing_id: press.listing, kind: press.kind, what: press.what, count }))
      // Servers that write at once take rows in one order.
      .toSorted((one, other) => (nameOf(one) < nameOf(other) ? -1 : 1))
    await transact(this.db, async (trx) => {
      await ensureMonth(trx, day)
      await sql`insert into presses (day, listing_id, kind, what, count)
        select ${day}::date, given.* from jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
          given (listing_id uuid, kind text, what text, count integer)
        on conflict (day, listing_id, kind, what) do update set count = presses.count + excluded.count`.execute(
        trx,
      )
    })
  }

  /** What visitors can do with listings as they are live; nothing of what is not. */
  private async controlsOf(ids: readonly string[]) {
    const rows = await this.db
      .selectFrom('listings')
      .select(['id', 'published'])
      .where('id', 'in', [...new Set(ids)])
      .execute()
    return new Map(
      rows.flatMap(({ id, published }) =>
        published ? [[id, readListing(published).visitors.controls] as const] : [],
      ),
    )
  }

  private async entriesAmong(presses: readonly Press[]): Promise<ReadonlySet<number>> {
    const ids = presses.flatMap(({ kind, what }) => (kind === 'card' ? [Number(what)] : []))
    if (ids.length === 0) return new Set()
    const { rows } = await sql<{ id: number }>`
      select entry_id as id from entry_index where entry_id = any(${sql.val(ids)}::bigint[])`.execute(this.db)
    return new Set(rows.map(({ id }) => id))
  }
}

function nameOf({ listing_id: listing, kind, what }: { listing_id: string; kind: string; what: string }) {
  return `${listing} ${kind} ${what}`
}
