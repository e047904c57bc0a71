import type { Db } from '../db/client'

/** Terms by what they are now: those that became another are that one. Each once. */
export async function currentTerms(db: Db, ids: readonly number[]): Promise<readonly number[]> {
  const rows = await db
    .selectFrom('merged_terms')
    .select(['id', 'into_id'])
    .where('id', 'in', [0, ...ids])
    .execute()
  const became = new Map(rows.map((row) => [row.id, row.into_id]))
  return [...new Set(ids.map((id) => became.get(id) ?? id))]
}
