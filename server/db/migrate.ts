import { Migrator } from 'kysely'
import type { Kysely } from 'kysely'
import * as foundations from './migrations/0001-foundations'
import type { Database } from './schema'

/** Every migration by name, in the order of the names. */
const migrations = { '0001-foundations': foundations }

/** Brings the database up to date. Safe to call from several processes at once. Throws what failed. */
export async function migrate(db: Kysely<Database>): Promise<readonly string[]> {
  const migrator = new Migrator({ db, provider: { getMigrations: async () => migrations } })
  const { error, results } = await migrator.migrateToLatest()
  if (error !== undefined) throw error
  return (results ?? []).map((one) => one.migrationName)
}
