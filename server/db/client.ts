import { Kysely, PostgresDialect } from 'kysely'
import type { Transaction } from 'kysely'
import pg from 'pg'
import type { Database } from './schema'

export type Db = Kysely<Database>
/** A database handle inside a transaction: what services that write take. */
export type Trx = Transaction<Database>

const int8 = 20
pg.types.setTypeParser(int8, (text) => Number(text))

/** Opens a pool of connections. Call `destroy` on it when done. */
export function openDatabase(url: string, connections = 10): Db {
  const pool = new pg.Pool({ connectionString: url, max: connections })
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
