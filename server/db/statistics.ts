import { sql } from 'kysely'
import type { Db } from './client'

/** So many rows of a table change before it is worth knowing how its values are spread now. */
const leastChanged = 1000

/**
 * Has the database learn how values are spread in tables of which more than a tenth changed since it
 * last did, as after a large bringing-in: until then it may choose ways that take a hundred times as
 * long. It does so itself, but up to a minute later. One server works, the others leave it to that
 * one. Gives the tables that were looked at.
 */
export async function gatherStatistics(db: Db): Promise<readonly string[]> {
  return db.connection().execute(async (connection) => {
    const { rows: held } = await sql<{
      held: boolean
    }>`select pg_try_advisory_lock(hashtext('statistics')) as held`.execute(connection)
    if (held[0]?.held !== true) return []
    try {
      const { rows } = await sql<{ name: string }>`
        select relname as name from pg_stat_user_tables
        where schemaname = current_schema() and n_mod_since_analyze > ${leastChanged} + n_live_tup / 10
        order by relname`.execute(connection)
      for (const { name } of rows) await sql`analyze ${sql.table(name)}`.execute(connection)
      return rows.map((row) => row.name)
    } finally {
      await sql`select pg_advisory_unlock(hashtext('statistics'))`.execute(connection)
    }
  })
}
