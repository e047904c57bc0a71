import { sql } from 'kysely'
import type { Trx } from '../db/client'
import type { Database } from '../db/schema'

/**
 * What may change on open pages: the entries of a collection, how often they were read, a page
 * itself, or anything (`site`).
 */
export interface Change {
  readonly kind: Database['changes']['kind']
  readonly subjectId: number | null
}

export const changeChannel = 'bushel_changes'

/**
 * Appends to the change log within the writer's transaction. The notice wakes listeners when that
 * transaction commits; what they learn, they read from the log.
 */
export async function recordChange(trx: Trx, change: Change): Promise<void> {
  await trx.insertInto('changes').values({ kind: change.kind, subject_id: change.subjectId }).execute()
  await sql`select pg_notify(${changeChannel}, '')`.execute(trx)
}
