import { sql } from 'kysely'
import pg from 'pg'
import type { Db } from '../db/client'
import { changeChannel } from './record-change'
import type { Change } from './record-change'

type Listener = (changes: readonly Change[]) => void

/** Missed notices are caught by looking anyway, this often; in milliseconds. */
const usualPause = 5000
const longestRetry = 10_000

/**
 * Reads the change log from where it was and tells listeners what is new. A notice only wakes it.
 * What is new is what the database shows now and did not show at the last look (PostgreSQL 9.27.10,
 * snapshots): a transaction that commits late is not skipped, and one that runs long holds nothing
 * up. Also tells when the clock alone publishes an entry.
 */
export class ChangeFeed {
  private readonly listeners = new Set<Listener>()
  /** What the database showed at the last look, as it writes snapshots. */
  private snapshot: string | null = null
  private reading: Promise<void> = Promise.resolve()
  private client: pg.Client | null = null
  /** Whether all was read that happened before this connection began to listen. */
  private isCaughtUp = false
  private retry = 250
  private clockTimer: NodeJS.Timeout | undefined
  private lookTimer: NodeJS.Timeout | undefined
  private stopped = false
  private isLookWanted = false
  private clockSeen = Date.now()

  constructor(
    private readonly db: Db,
    private readonly url: string,
    private readonly lookEvery = usualPause,
  ) {}

  /** Begins to listen. Reconnects by itself until stopped. */
  async start(): Promise<void> {
    await this.connect()
    this.lookTimer = setInterval(() => this.look(), this.lookEvery)
  }

  /** Resolves when everything asked for so far is read. */
  settled(): Promise<void> {
    return this.reading
  }

  async stop(): Promise<void> {
    this.stopped = true
    clearInterval(this.lookTimer)
    clearTimeout(this.clockTimer)
    await this.client?.end().catch(() => undefined)
    await this.reading
  }

  /**
   * Whether changes are heard of as they happen; false while the connection is cut off, and until what
   * happened meanwhile is told.
   */
  isListening(): boolean {
    return this.client !== null && this.isCaughtUp
  }

  /** Up to where changes were told: what is answered now is no older. Null before the first look. */
  seen(): string | null {
    return this.snapshot
  }

  /** Calls `listener` for every batch of changes; call the returned function to stop. */
  subscribe(listener: Listener): () => void {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  private async connect(): Promise<void> {
    if (this.stopped) return
    const client = new pg.Client({ connectionString: this.url })
    const lost = () => {
      if (this.client !== client) return
      this.client = null
      this.isCaughtUp = false
      this.reconnectLater()
    }
    client.on('error', lost)
    client.on('end', lost)
    client.on('notification', () => this.look())
    try {
      await client.connect()
      await client.query(`listen ${changeChannel}`)
      this.client = client
      this.retry = 250
      this.look()
    } catch (error) {
      console.warn(`Listening for changes failed: ${error instanceof Error ? error.message : String(error)}`)
      await client.end().catch(() => undefined)
      this.reconnectLater()
    }
  }

  private reconnectLater(): void {
    if (this.stopped) return
    setTimeout(() => void this.connect(), this.retry)
    this.retry = Math.min(longestRetry, this.retry * 2)
  }

  /** Reads what is new; of the calls that come while one is reading, one look is made after it. */
  private look(): void {
    if (this.isLookWanted) return
    this.isLookWanted = true
    this.reading = this.reading
      .then(() => void (this.isLookWanted = false))
      .then(() => (this.stopped ? undefined : this.readNew()))
      .catch((error: unknown) => console.warn(`Reading the change log failed: ${String(error)}`))
  }

  private async readNew(): Promise<void> {
    const { client } = this
    const { rows: looked } = await sql<{
      snapshot: string
    }>`select pg_current_snapshot()::text as snapshot`.execute(this.db)
    const [before, now] = [this.snapshot, looked[0]?.snapshot ?? null]
    if (now === null) return
    if (before !== null) await this.tellBetween(before, now)
    this.snapshot = now
    await this.setClock()
    this.isCaughtUp ||= client !== null && client === this.client
  }

  private async tellBetween(before: string, now: string): Promise<void> {
    // Where the log no longer tells, anything may have changed.
    const changes = (await changesBetween(this.db, before, now)) ?? [{ kind: 'site', subjectId: null }]
    if (changes.length > 0) this.tell(changes)
  }

  /**
   * Wakes when the next entry appears or expires by the clock, and tells of those that did since. An
   * entry that was published for at once is told by the change log alone.
   */
  private async setClock(): Promise<void> {
    const now = Date.now()
    const [since, until] = [new Date(this.clockSeen), new Date(now)]
    const { rows: due } = await sql<{ collection_id: number }>`
      select collection_id from entry_index where published_at > ${since} and published_at <= ${until} and published_at > indexed_at
      union
      select collection_id from entry_index where expires_at > ${since} and expires_at <= ${until}`.execute(
      this.db,
    )
    this.clockSeen = now
    if (due.length > 0) this.tell(due.map((row) => ({ kind: 'collection', subjectId: row.collection_id })))
    const { rows } = await sql<{ next: Date | null }>`
      select least(
        (select min(published_at) from entry_index where published_at > ${until}),
        (select min(expires_at) from entry_index where expires_at > ${until})
      ) as next`.execute(this.db)
    const next = rows[0]?.next ?? null
    clearTimeout(this.clockTimer)
    if (next === null || this.stopped) return
    const longestTimer = 24 * 3600_000
    this.clockTimer = setTimeout(() => this.look(), Math.min(longestTimer, next.getTime() - now + 1))
  }

  private tell(changes: readonly Change[]): void {
    for (const listener of [...this.listeners]) listener(changes)
  }
}

/**
 * What changed between two snapshots, each thing once; up to now for null. Null where the log no
 * longer reaches back so far, or what is given is no snapshot of this database.
 */
export async function changesBetween(
  db: Db,
  before: string,
  now: string | null,
): Promise<readonly Change[] | null> {
  if (!snapshotForm.test(before)) return null
  const end = now === null ? sql`pg_current_snapshot()` : sql`${now}::pg_snapshot`
  const { rows } = await sql<{ reaches: boolean; kind: Change['kind'] | null; subject_id: number | null }>`
    with told as (
      select kind, subject_id, min(id) as first from changes
      where transaction_id >= pg_snapshot_xmin(${before}::pg_snapshot)
        and not pg_visible_in_snapshot(transaction_id, ${before}::pg_snapshot)
        and pg_visible_in_snapshot(transaction_id, ${end})
      group by kind, subject_id
    )
    select told.kind, told.subject_id, log.reaches from (
      select coalesce((select min(transaction_id) from changes) < pg_snapshot_xmin(${before}::pg_snapshot), true)
        and pg_snapshot_xmax(${before}::pg_snapshot) <= pg_snapshot_xmax(pg_current_snapshot()) as reaches
    ) log left join told on true order by told.first`.execute(db)
  if (rows[0]?.reaches !== true) return null
  return rows.flatMap(({ kind, subject_id: subjectId }) => (kind === null ? [] : [{ kind, subjectId }]))
}

/** A snapshot as the database writes it: `10:20:10,14`, its numbers within 64 bits. */
const snapshotForm = /^\d{1,18}:\d{1,18}:(?:\d{1,18}(?:,\d{1,18}){0,500})?$/
