import type { Db } from '../db/client'

/**
 * What servers do besides answering: each time by one of all that share the database, again where it
 * fails, and by another where the one that did it ended.
 */
export interface Job<Data extends object = object> {
  readonly name: string
  /** When it is done by itself (five fields of cron, UTC); null where it is only sent for. */
  readonly cron: string | null
  /** After so many seconds another server takes it for left. */
  readonly lease: number
  /** Does it, or as much of it as fits the lease; `stopping` says that this server is to end. */
  readonly run: (db: Db, data: Data, stopping: AbortSignal) => Promise<void>
}
