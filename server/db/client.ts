import { createHash } from 'node:crypto'
import { Kysely, PostgresDialect, sql } from 'kysely'
import type { Transaction } from 'kysely'
import pg from 'pg'
import { followed } from './awaited'
import type { Database } from './schema'
import { quickly } from './timestamps'

export type Db = Kysely<Database>
/** A database handle inside a transaction: what services that write take. */
export type Trx = Transaction<Database>

const int8 = 20
pg.types.setTypeParser(int8, (text) => Number(text))
const timestamptz = 1184
const ofDriver = pg.types.getTypeParser(timestamptz) as (text: string) => unknown
pg.types.setTypeParser(timestamptz, quickly(ofDriver))

/**
 * Begins statements whose plan PostgreSQL keeps: short questions that are asked again and again with
 * other values, where planning takes longer than answering. What decides the plan, as a limit, is
 * written into them and not given as a value.
 */
const keptMark = '/* kept */'
export const keptPlan = sql.raw(keptMark)

/** A connection keeps plans for as long as it lasts; further statements are planned each time. */
const mostKept = 400

class ClientWithKeptPlans extends pg.Client {
  private readonly names = new Map<string, string>()
  private readonly settings: pg.ClientConfig

  constructor(settings: pg.ClientConfig) {
    super(settings)
    this.settings = settings
    // One that is cut off while it is lent out tells whoever asked; without a listener it would end
    // the process.
    this.on('error', () => undefined)
  }

  /** Gives statements that are to be kept a name, which makes them so. */
  override query(...given: readonly unknown[]): never {
    const [text, values, ...more] = given
    const name = typeof text === 'string' && text.startsWith(keptMark) ? this.nameOf(text) : undefined
    const query = name === undefined ? given : [{ name, text, values }, ...more]
    const result = (super.query as (...all: unknown[]) => unknown).apply(this, [...query])
    return (
      result instanceof Promise ? followed({ stop: () => this.stopRunning() }, result) : result
    ) as never
  }

  /** Stops the statement that this connection works on, by way of another one. */
  private async stopRunning(): Promise<void> {
    const other = new pg.Client(this.settings)
    other.on('error', () => undefined)
    await other.connect()
    await other.query('select pg_cancel_backend($1)', [
      (this as unknown as { readonly processID: number }).processID,
    ])
    await other.end()
  }

  private nameOf(text: string): string | undefined {
    if (!this.names.has(text) && this.names.size < mostKept)
      this.names.set(text, createHash('sha1').update(text).digest('hex'))
    return this.names.get(text)
  }
}

const pools = new WeakMap<Db, pg.Pool>()

/** The connections of a database, for packages that ask them directly. */
export function poolOf(db: Db): pg.Pool {
  const pool = pools.get(db)
  if (pool === undefined) throw new Error('This database was not opened here.')
  return pool
}

/** No statement may take longer, in milliseconds, save those that say so. */
const longestStatement = 15_000
/** A transaction that does nothing for so long is ended, with the locks it holds. */
const longestIdle = 60_000
/** How long a statement waits for a connection of the pool. */
const longestWait = 10_000

/** Opens a pool of connections. Call `destroy` on it when done. */
export function openDatabase(url: string, connections = 10): Db {
  const pool = new pg.Pool({
    connectionString: url,
    max: connections,
    statement_timeout: longestStatement,
    idle_in_transaction_session_timeout: longestIdle,
    connectionTimeoutMillis: longestWait,
    Client: ClientWithKeptPlans as unknown as typeof pg.Client,
  })
  // An idle connection that breaks is replaced by the pool; without a listener it would end the process.
  pool.on('error', (error) => console.warn(`A database connection was lost: ${error.message}`))
  const db = new Kysely<Database>({ dialect: new PostgresDialect({ pool }) })
  pools.set(db, pool)
  return db
}

let shared: Db | undefined

/** Lets one connection take its time, as making an index does. It gives the limit back when done. */
export async function withoutHurry<T>(connection: Db, work: () => Promise<T>): Promise<T> {
  await sql`set statement_timeout = 0`.execute(connection)
  try {
    return await work()
  } finally {
    await sql.raw(`set statement_timeout = ${longestStatement}`).execute(connection)
  }
}

/** The address of the database this server works on. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL
  if (!url)
    throw new Error('DATABASE_URL is not set. Start with “npm start”, or set it to a PostgreSQL address.')
  return url
}

/** The server's own pool, opened at first use. */
export function database(): Db {
  shared ??= openDatabase(databaseUrl())
  return shared
}
