import type { Db } from '../db/client'

/** So many terms are told apart at most. */
const mostTerms = 40

/** The terms of a facet that lie under no other, in their order; none where there is no facet. */
export async function outermostTerms(
  db: Db,
  facet: number | null,
): Promise<readonly { readonly id: number; readonly name: string }[]> {
  if (facet === null) return []
  return db
    .selectFrom('terms as t')
    .innerJoin('facets as f', 'f.id', 't.facet_id')
    .select(['t.id', 't.name'])
    .where('t.facet_id', '=', facet)
    .where('t.parent_id', 'is', null)
    .where('t.leaving', '=', false)
    .where('f.deleted_at', 'is', null)
    .orderBy('t.position')
    .limit(mostTerms)
    .execute()
}
