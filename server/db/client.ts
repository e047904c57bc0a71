import { createHash } from 'node:crypto'
import { Kysely, PostgresDialect, sql } from 'kysely'
import type { Transaction } from 'kysely'
import pg from 'pg'
import type { Database } from './schema'

export type Db = Kysely<Database>
/** A database handle inside a transaction: what services that write take. */
export type Trx = Transaction<Database>

const int8 = 20
pg.types.setTypeParser(int8, (text) => Number(text))

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

  /** Gives statements that are to be kept a name, which makes them so. */
  override query(...given: readonly unknown[]): never {
    const [text, values, ...more] = given
    const name = typeof text === 'string' && text.startsWith(keptMark) ? this.nameOf(text) : undefined
    const query = name === undefined ? given : [{ name, text, values }, ...more]
    return (super.query as (...all: unknown[]) => never).apply(this, [...query])
  }

  private nameOf(text: string): string | undefined {
    if (!this.names.has(text) && this.names.size < mostKept) this.names.set(text, createHash('sha1').update(text).digest('hex'))
    return this.names.get(text)
  }
}

/** Opens a pool of connections. Call `destroy` on it when done. */
export function openDatabase(url: string, connections = 10): Db {
  const pool = new pg.Pool({ connectionString: url, max: connections, Client: ClientWithKeptPlans as unknown as typeof pg.Client })
  // An idle connection that breaks is replaced by the pool; without a listener it would end the process.
  pool.on('error', (error) => console.warn(`A database connection was lost: ${error.message}`))
  return new Kysely<Database>({ dialect: new PostgresDialect({ pool }) })
}

let shared: Db | undefined

/** The address of the database this server works on. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL
  if (!url) throw new Error('DATABASE_URL is not set. Start with “npm start”, or set it to a PostgreSQL address.')
  return url
}

/** The server's own pool, opened at first use. */
export function database(): Db {
  shared ??= openDatabase(databaseUrl())
  return shared
}
