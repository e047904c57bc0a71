import { sql } from 'kysely'
import type { Kysely } from 'kysely'
import PgBoss from 'pg-boss'
import { jobSchema } from '../../jobs/queue'

/**
 * Jobs are kept by a package in tables of its own. Long work says what it is done to, how far it is
 * and why it failed, and can be ended.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  // It brings its own transaction, and this is one already.
  const own = PgBoss.getConstructionPlans(jobSchema)
    .replace(/^\s*BEGIN;/m, '')
    .replace(/COMMIT;\s*$/m, '')
  for (const statement of [own, ...statements]) await sql.raw(statement).execute(db)
}

const statements = [
  `alter table long_work
    add column subject text not null default '',
    add column size integer not null default 0,
    add column steps integer not null default 0,
    add column failure text,
    add column stopping boolean not null default false`,
  `alter table long_work alter column subject drop default, alter column size drop default`,
]
