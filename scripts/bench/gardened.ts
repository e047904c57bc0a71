import { sql } from 'kysely'
import { defaultAmount } from '../../core/listing/amount'
import { newListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import { addFacet } from '../../server/content/facets'
import { collectionIndexing } from '../../server/content/index-work'
import type { Db } from '../../server/db/client'
import { gatherStatistics } from '../../server/db/statistics'
import { beginWork } from '../../server/work/begin'
import { finishWork } from '../../server/work/finish'
import { filled } from './notes'

/** Terms nested in threes, most entries have the first of them; authors, of whom few write most. */
const termCount = 60
const authorCount = 40

/** A collection as `filled` makes it, whose entries have two terms of a facet each, and authors. */
export async function gardened(db: Db, count: number) {
  const { id: facet } = await addFacet(db, { name: `Topic ${count}`, plural: 'Topics', collections: [] })
  const notes = await filled(db, count, [facet])
  await sql`
    with made as (
      insert into terms (facet_id, slug, name, position) select ${facet}, 'term-' || n, 'Term ' || n, n from generate_series(1, ${termCount}) n returning id, position
    ), nested as (select array_agg(id order by position) as ids from made)
    insert into entry_terms (entry_id, term_id, position)
    select distinct on (e.id, term) e.id, term, at from entries e, nested,
      lateral (values (0, ids[1 + floor(${termCount} * power(random(), 3))::integer]), (1, ids[1 + e.id % ${termCount}])) given (at, term)
    where e.collection_id = ${notes.id}`.execute(db)
  await sql`
    update terms t set parent_id = above.id from terms above
    where t.facet_id = ${facet} and above.facet_id = ${facet} and t.position % 3 <> 1 and above.position = t.position - 1`.execute(
    db,
  )
  await sql`
    with made as (
      insert into authors (slug, name) select 'author-' || ${count}::text || '-' || n, 'Author ' || n from generate_series(1, ${authorCount}) n returning id
    ), named as (select array_agg(id) as ids from made)
    update entries set author_id = ids[1 + floor(${authorCount} * power(random(), 2))::integer]
    from named where collection_id = ${notes.id} and entries.id % 10 <> 0`.execute(db)
  // As a server does after much was written, and before it is gone through.
  await gatherStatistics(db)
  await finishWork(
    db,
    await db.transaction().execute((trx) => beginWork(trx, collectionIndexing, { collection: notes.id })),
  )
  const { rows } = await sql<{
    id: number
  }>`select id from terms where facet_id = ${facet} order by position limit 2`.execute(db)
  return { ...notes, facet, terms: rows.map((row) => row.id) }
}

export type Gardened = Awaited<ReturnType<typeof gardened>>

/** Six listings as a front page has them: the newest, the most read, of a topic, by a value, by title. */
export function frontPage({ id, facet, terms: [term = 0], field }: Gardened): readonly Listing[] {
  const base = newListing('Notes', id)
  const first = (take: number) => ({ ...defaultAmount, take })
  const ofTerm = { ...base.from, rules: [{ rule: 'terms', facet, is: 'any', terms: [term] }] } as const
  const by = (...keys: Listing['order']['keys']) => ({ keys, pinned: 'ignored' }) as const
  return [
    { ...base, amount: first(6) },
    { ...base, order: by({ by: 'views', direction: 'down' }), amount: first(5) },
    { ...base, from: ofTerm, amount: first(4) },
    { ...base, from: ofTerm, order: by({ by: 'views', direction: 'down' }), amount: first(4) },
    { ...base, order: by({ by: 'field', field: field.id, direction: 'up' }), amount: first(8) },
    {
      ...base,
      order: by({ by: 'title', direction: 'up' }),
      amount: { ...defaultAmount, take: 200, perPage: 12 },
    },
  ]
}
