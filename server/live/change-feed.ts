import { sql } from 'kysely'
import pg from 'pg'
import type { Db } from '../db/client'
import { changeChannel } from './record-change'
import type { Change } from './record-change'

type Listener = (changes: readonly Change[]) => void

/** Missed notices are caught by looking anyway, this often. */
const lookEvery = 5000
const longestRetry = 10_000
/** What is older than this has long been told, and is removed. */
const keptFor = '1 day'

interface Position {
  readonly transactionId: string
  readonly id: number
}

/**
 * Reads the change log from where it was and tells listeners what is new. A notice only wakes it.
 * Only changes of transactions older than every running one are read, so that one which commits
 * late is not skipped. Also tells when the clock alone publishes an entry.
 */
export class ChangeFeed {
  private readonly listeners = new Set<Listener>()
  private position: Position | null = null
  private reading: Promise<void> = Promise.resolve()
  private client: pg.Client | null = null
  private retry = 250
  private clockTimer: NodeJS.Timeout | undefined
  private lookTimer: NodeJS.Timeout | undefined
  private stopped = false
  private clockSeen = Date.now()

  constructor(
    private readonly db: Db,
    private readonly url: string,
  ) {}

  /** Begins to listen. Reconnects by itself until stopped. */
  async start(): Promise<void> {
    await this.connect()
    this.lookTimer = setInterval(() => this.look(), lookEvery)
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

  /** Whether changes are heard of as they happen; false while the connection is cut off. */
  isListening(): boolean {
    return this.client !== null && this.position !== null
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

  /** Reads what is new; calls that come while one is reading are run after it. */
  private look(): void {
    this.reading = this.reading
      .then(() => (this.stopped ? undefined : this.readNew()))
      .catch((error: unknown) => console.warn(`Reading the change log failed: ${String(error)}`))
  }

  private async readNew(): Promise<void> {
    this.position ??= await this.newestPosition()
    const { rows } = await sql<{ id: number; transaction_id: string; kind: Change['kind']; subject_id: number | null }>`
      select id, transaction_id::text, kind, subject_id from changes
      where (transaction_id, id) > (${this.position.transactionId}::xid8, ${this.position.id}::bigint)
        and transaction_id < pg_snapshot_xmin(pg_current_snapshot())
      order by changes.transaction_id, id limit 1000`.execute(this.db)
    const last = rows.at(-1)
    if (last) {
      this.position = { transactionId: last.transaction_id, id: last.id }
      this.tell(rows.map((row) => ({ kind: row.kind, subjectId: row.subject_id })))
    }
    await this.setClock()
    if (rows.length === 1000) this.look()
    else if (await this.isHeldBack()) setTimeout(() => this.look(), 100)
  }

  /** Whether committed changes wait for an older transaction that is still running. */
  private async isHeldBack(): Promise<boolean> {
    const { rows } = await sql`
      select 1 from changes where transaction_id >= pg_snapshot_xmin(pg_current_snapshot()) limit 1`.execute(this.db)
    return rows.length > 0
  }

  private async newestPosition(): Promise<Position> {
    await sql`delete from changes where happened_at < now() - ${sql.lit(keptFor)}::interval`.execute(this.db)
    const { rows } = await sql<{ transaction_id: string }>`
      select pg_snapshot_xmin(pg_current_snapshot())::text as transaction_id`.execute(this.db)
    return { transactionId: rows[0]?.transaction_id ?? '0', id: 0 }
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
      select collection_id from entry_index where expires_at > ${since} and expires_at <= ${until}`.execute(this.db)
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
