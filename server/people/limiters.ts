import { createHash } from 'node:crypto'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { poolOf } from '../db/client'
import type { Db } from '../db/client'
import { Problem } from '../http/problem'

/** How many tries there are within how many seconds. */
interface Limit {
  readonly tries: number
  readonly within: number
}

const minute = 60
const limits = {
  /** Of one client, whatever the account. */
  client: { tries: 40, within: 15 * minute },
  /** Of one client at one account. */
  clientAtAccount: { tries: 6, within: 5 * minute },
  /** Of everybody together at one account, save who signed in there before: OWASP ASVS 4, 2.2.1. */
  account: { tries: 100, within: 60 * minute },
  /** Of a browser that signed in at the account before, whatever others try. */
  knownDevice: { tries: 10, within: 5 * minute },
  /** Of one client at invitations. */
  invitation: { tries: 30, within: 15 * minute },
  /** Of one account at its own password. */
  password: { tries: 8, within: 15 * minute },
} as const satisfies Record<string, Limit>
export type LimitName = keyof typeof limits

/** One subject at one limit. */
export interface Trial {
  readonly limit: LimitName
  readonly subject: string
}

const made = new WeakMap<Db, Map<LimitName, RateLimiterPostgres>>()

function limiterFor(db: Db, name: LimitName): RateLimiterPostgres {
  const known = made.get(db) ?? new Map<LimitName, RateLimiterPostgres>()
  made.set(db, known)
  const { tries, within } = limits[name]
  const limiter =
    known.get(name) ??
    new RateLimiterPostgres({
      storeClient: poolOf(db),
      storeType: 'pool',
      tableName: 'rate_limits',
      tableCreated: true,
      clearExpiredByTimeout: false,
      keyPrefix: name,
      points: tries,
      duration: within,
    })
  known.set(name, limiter)
  return limiter
}

/** What stands in the database says nothing of whom it concerns. */
function keyOf(subject: string): string {
  return createHash('sha256').update(subject).digest('base64url')
}

/**
 * Counts a try at each of the limits, before anything is looked at: of many at once no more go
 * through than the limits allow. Throws 429 with how long to wait.
 */
export async function countTry(db: Db, trials: readonly Trial[]): Promise<void> {
  for (const { limit, subject } of trials) {
    try {
      await limiterFor(db, limit).consume(keyOf(subject))
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error
      const wait = Math.max(1, Math.ceil(error.msBeforeNext / 1000))
      throw new Problem(
        429,
        'Too many tries',
        `Wait ${wait < 120 ? `${wait} seconds` : `${Math.ceil(wait / 60)} minutes`}, then try again.`,
      )
    }
  }
}

/** A try that was right does not count. */
export async function forgiveTry(db: Db, trials: readonly Trial[]): Promise<void> {
  for (const { limit, subject } of trials) await limiterFor(db, limit).reward(keyOf(subject))
}
