import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** Tries are counted by a limiter, in one statement each. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await sql`create table rate_limits (key varchar(255) primary key, points integer not null default 0, expire bigint)`.execute(
    db,
  )
  await sql`create index rate_limits_expire on rate_limits (expire)`.execute(db)
  await sql`drop table sign_in_failures`.execute(db)
}
