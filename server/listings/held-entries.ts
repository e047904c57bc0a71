import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { LRUCache } from 'lru-cache'
import { fieldsToHold, HeldRows } from '../../core/query/held-rows'
import type { HeldEntry } from '../../core/query/held-rows'
import type { Plan } from '../../core/query/plan'
import type { Predicate } from '../../core/rules/predicate'
import { numberExpression } from '../content/field-indexes'
import type { Db } from '../db/client'
import { publishedCount } from './key-counts'

export interface HeldLimits {
  /** Fewer entries are counted by the database, which is quick enough. */
  readonly least: number
  /** So many entries are held at most, of all collections together. */
  readonly most: number
}

/** A million entries with six keys each take some 90 MB. */
const usual: HeldLimits = { least: 50_000, most: 4_000_000 }

/** What nobody asked for so long is let go, in milliseconds: well before the log of changes forgets. */
const keptFor = 3600_000
/** How large a collection is is looked at again after so long, in milliseconds. */
const sizeFor = 60_000
/** Where more changed, all is read anew. */
const mostFollowed = 20_000
const atOnce = 10_000

/** Where entries are counted: in the database, or in what is held of it. */
export interface CountedIn {
  readonly db: Db
  readonly held: HeldEntries | null
}

/** The entries of a collection as the database showed them at a snapshot. */
interface Holding {
  readonly rows: HeldRows
  /** As the database writes snapshots. */
  snapshot: string
  /** When that was, by the clock (epoch milliseconds). */
  followedAt: number
  /** Following what changed, now; null for not. */
  following: Promise<void> | null
  /** The turn after that, for those who asked meanwhile; null where nobody did. */
  next: Promise<void> | null
}

/**
 * Holds what is counted of large collections in the memory of this server. Each time that it is asked it
 * follows what changed up to now first, so that it answers as the database would. What is asked for the
 * first time is read in the background; until it is there, the database answers.
 */
export class HeldEntries {
  private readonly held: LRUCache<number, Holding>
  /** How many entries collections have. */
  private readonly sizes = new LRUCache<number, number>({ max: 10_000, ttl: sizeFor })
  private readonly reading = new Map<number, Promise<void>>()

  constructor(
    private readonly db: Db,
    private readonly limits: HeldLimits = usual,
  ) {
    this.held = new LRUCache({
      maxSize: limits.most,
      sizeCalculation: ({ rows }) => Math.max(1, rows.size),
      ttl: keptFor,
      updateAgeOnGet: true,
    })
  }

  /**
   * The entries of each collection of a plan as they are now, where all that a plan and some other
   * conditions ask for is held; else null, and it will be.
   */
  async of(plan: Plan, others: readonly Predicate[] = []): Promise<readonly HeldRows[] | null> {
    if (plan.rows.of !== 'entries') return null
    const asked = [...plan.steps.map(({ asks }) => asks), ...others]
    const wanted = plan.collections.map((collection) => ({
      collection,
      fields: fieldsToHold({ test: 'all', of: asked }, collection),
    }))
    if (wanted.some(({ fields }) => fields === null) || !(await this.isMuch(plan.collections))) return null
    const each = await Promise.all(wanted.map(({ collection, fields }) => this.one(collection, fields ?? [])))
    const there = each.filter((rows) => rows !== null)
    return there.length === each.length ? there : null
  }

  /** Resolves when all is read that was asked for so far. */
  async settled(): Promise<void> {
    await Promise.all(this.reading.values())
  }

  private async isMuch(collections: readonly number[]): Promise<boolean> {
    const sizes = await Promise.all(collections.map((one) => this.sizeOf(one)))
    const all = sizes.reduce((sum, size) => sum + size, 0)
    return all >= this.limits.least && all <= this.limits.most
  }

  private async sizeOf(collection: number): Promise<number> {
    const size = this.sizes.get(collection) ?? (await publishedCount(this.db, collection))
    if (!this.sizes.has(collection)) this.sizes.set(collection, size)
    return size
  }

  private async one(collection: number, fields: readonly number[]): Promise<HeldRows | null> {
    const holding = this.kept(collection)
    if (holding === undefined || !fields.every((field) => holding.rows.fields.includes(field))) {
      if (!this.reading.has(collection))
        this.begin(collection, [...new Set([...(holding?.rows.fields ?? []), ...fields])])
      return null
    }
    await this.followed(collection, holding)
    return this.held.peek(collection) === holding ? holding.rows : null
  }

  /** What is held, unless it was followed so long ago that the log may have forgotten what changed since. */
  private kept(collection: number): Holding | undefined {
    const holding = this.held.get(collection)
    if (holding === undefined || Date.now() - holding.followedAt < keptFor) return holding
    this.held.delete(collection)
    return undefined
  }

  private begin(collection: number, fields: readonly number[]): void {
    const read = this.read(collection, fields)
      .catch((error: unknown) =>
        console.warn(
          `Entries to be counted could not be read: ${error instanceof Error ? error.message : String(error)}`,
        ),
      )
      .finally(() => this.reading.delete(collection))
    this.reading.set(collection, read)
  }

  private async read(collection: number, fields: readonly number[]): Promise<void> {
    const rows = new HeldRows(collection, fields)
    const begun = Date.now()
    const snapshot = await this.db
      .transaction()
      .setIsolationLevel('repeatable read')
      .setAccessMode('read only')
      .execute(async (trx) => {
        const { rows: shown } = await sql<{ snapshot: string }>`
          select pg_current_snapshot()::text as snapshot`.execute(trx)
        for (let [after, come] = [0, atOnce]; come === atOnce;) {
          const some = await sql<HeldEntry>`
            select ${columnsOf(fields)} from entry_index
            where collection_id = ${collection} and entry_id > ${after} order by entry_id limit ${sql.lit(atOnce)}`.execute(
            trx,
          )
          some.rows.forEach((row) => rows.put(row))
          ;[after, come] = [some.rows.at(-1)?.id ?? after, some.rows.length]
        }
        return shown[0]?.snapshot
      })
    if (snapshot !== undefined)
      this.held.set(collection, { rows, snapshot, followedAt: begun, following: null, next: null })
  }

  /** Follows what changed up to now; of those who ask while it follows, one turn after it is for all. */
  private followed(collection: number, holding: Holding): Promise<void> {
    if (holding.following === null) {
      holding.following = this.follow(collection, holding).finally(() => (holding.following = null))
      return holding.following
    }
    holding.next ??= holding.following
      // Whoever asked for that turn is told of its failure.
      .catch(() => undefined)
      .then(() => {
        holding.next = null
        return this.followed(collection, holding)
      })
    return holding.next
  }

  private async follow(collection: number, holding: Holding): Promise<void> {
    const before = sql`${holding.snapshot}::pg_snapshot`
    const { rows } = await sql<Changed>`
      with changed as materialized (
        select distinct entry_id from entry_changes
        where collection_id = ${collection}
          and transaction_id >= pg_snapshot_xmin(${before})
          and not pg_visible_in_snapshot(transaction_id, ${before})
        limit ${sql.lit(mostFollowed + 1)}
      )
      select pg_current_snapshot()::text as snapshot, changed.entry_id as changed, held.*,
        pg_snapshot_xmax(${before}) > pg_snapshot_xmax(pg_current_snapshot()) as "isFromLater"
      from (select) once left join changed on true left join (
        select ${columnsOf(holding.rows.fields)} from entry_index where collection_id = ${collection}
      ) held on held.id = changed.entry_id`.execute(this.db)
    const isTooMuch = rows.length > mostFollowed || holding.rows.gone > holding.rows.size / 2 + mostFollowed
    // From later than now: the database was put back to what it was before.
    if (isTooMuch || rows[0]?.isFromLater === true) {
      this.held.delete(collection)
      return
    }
    for (const row of rows)
      if (row.id !== null) holding.rows.put(row)
      else if (row.changed !== null) holding.rows.remove(row.changed)
    holding.snapshot = rows[0]?.snapshot ?? holding.snapshot
    holding.followedAt = Date.now()
  }
}

/** An entry that changed, as it is now; without an id where it is gone, and none at all where nothing changed. */
type Changed = {
  readonly snapshot: string
  readonly changed: number | null
  readonly isFromLater: boolean
} & (HeldEntry | { readonly id: null })

/** What is held of entries; instants as numbers, to the microsecond as the database has them. */
function columnsOf(fields: readonly number[]): RawBuilder<unknown> {
  const instant = (column: string) => sql`(extract(epoch from ${sql.ref(column)}) * 1000)::float8`
  return sql`entry_id as id, ${instant('published_at')} as "publishedAt",
    ${instant('expires_at')} as "expiresAt", keys,
    array[${sql.join(fields.map((field) => sql.raw(numberExpression(field))))}]::float8[] as numbers`
}
