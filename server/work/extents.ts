import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { Trx } from '../db/client'
import type { WorkExtent } from './define'

/** What work is done to, and how much of it there is: a statement that gives both, in one row. */
export async function extentOf(trx: Trx, question: RawBuilder<WorkExtent>): Promise<WorkExtent> {
  const { rows } = await question.execute(trx)
  return rows[0] ?? { subject: '', size: 0 }
}

/** All entries of a collection, deleted ones too. */
export function collectionExtent(trx: Trx, collection: number): Promise<WorkExtent> {
  return extentOf(
    trx,
    sql<WorkExtent>`
      select name as subject, (select count(*)::integer from entries where collection_id = ${collection}) as size
      from collections where id = ${collection}`,
  )
}

/** The entries that have one of the terms; the first of these gives its name. */
export function termsExtent(trx: Trx, terms: readonly number[]): Promise<WorkExtent> {
  return extentOf(
    trx,
    sql<WorkExtent>`
      select coalesce((select name from terms where id = ${terms[0] ?? 0}), '') as subject,
        (select count(distinct entry_id)::integer from entry_terms where term_id = any(${sql.val([...terms])}::integer[])) as size`,
  )
}
