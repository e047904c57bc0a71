import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import { newListing, storedListing } from '../../../core/listing/definition'
import type { Listing } from '../../../core/listing/definition'
import { newBand } from '../../../core/pages/bands/definition'
import { newPage } from '../../../core/pages/definition'
import type { Placement } from '../../../core/pages/definition'
import { entryMarks } from '../../../core/content/entry'
import { defaultAmount } from '../../../core/listing/amount'
import { addCollection } from '../../../server/content/collections'
import type { Db } from '../../../server/db/client'

/**
 * A page with so many entries behind it: those of a term that every fourth has, newest first, in
 * pages of twelve, and the most read beside them. Gives its path.
 */
export async function millionPage(db: Db, count: number): Promise<string> {
  const { id: facet } = await row<{ id: number }>(
    db,
    sql`insert into facets (slug, name, plural) values ('bed', 'Bed', 'Beds') returning id`,
  )
  const { id: term } = await row<{ id: number }>(
    db,
    sql`insert into terms (facet_id, slug, name, position) values (${facet}, 'north', 'North', 0) returning id`,
  )
  const { id: collection } = await addCollection(db, {
    name: 'Log',
    singular: 'Entry of the log',
    plural: 'Entries of the log',
    icon: 'note',
    kind: 'article',
    address: '/log/{slug}',
    facets: [facet],
  })
  await sql`
    insert into entries (collection_id, slug, title, summary, body, status, published_at, view_count)
    select ${collection}, 'log-' || n, 'What was seen on walk ' || n, 'Frost, moths and the first leaves, written down on the way.',
      '{"type":"doc","content":[{"type":"paragraph"}]}', 'published', date_trunc('minute', now()) - n * interval '3 minutes', (n::bigint * 7919) % 100003
    from generate_series(1, ${count}) n`.execute(db)
  await sql`insert into entry_terms (entry_id, term_id, position)
    select id, ${term}, 0 from entries where collection_id = ${collection} and id % 4 = 0`.execute(db)
  await sql`
    insert into entry_index (entry_id, collection_id, title, published_at, views, comments, rating, pinned, keys, sort_values)
    select id, collection_id, title, published_at, view_count, 0, null, false,
      case when id % 4 = 0 then array[${term}::integer] else '{}' end || ${entryMarks.summary}::integer, '{}'
    from entries where collection_id = ${collection}`.execute(db)
  await sql`insert into entry_words (entry_id, words, word_count)
    select id, array['walk', (id % 1000)::text], 0 from entries where collection_id = ${collection}`.execute(
    db,
  )
  await sql`vacuum analyze`.execute(db)

  const north = newListing('North', collection)
  const read = newListing('Most read in the log', collection)
  await publish(db, '/log', [
    {
      ...north,
      from: { ...north.from, rules: [{ rule: 'terms', facet, is: 'any', terms: [term] }] },
      amount: { ...defaultAmount, take: 600, perPage: 12 },
    },
    {
      ...read,
      order: { keys: [{ by: 'views', direction: 'down' }], pinned: 'ignored' },
      amount: { ...defaultAmount, take: 5 },
    },
  ])
  return '/log'
}

/** A page of a collection's entries in another order for each visit. Gives its path. */
export async function shuffledPage(db: Db, collection: number): Promise<string> {
  const shuffled = newListing('In no order', collection)
  await publish(db, '/shuffled', [
    { ...shuffled, order: { keys: [{ by: 'shuffle', span: 'visit', number: 1 }], pinned: 'ignored' } },
  ])
  return '/shuffled'
}

async function publish(db: Db, path: string, listings: readonly Listing[]): Promise<void> {
  const placed = listings.map((listing) => ({
    id: randomUUID(),
    listing: randomUUID(),
    heading: '',
    definition: JSON.stringify(storedListing(listing)),
  }))
  for (const { listing: id, definition } of placed)
    await db.insertInto('listings').values({ id, draft: definition, published: definition }).execute()
  const things = placed.map(({ id, listing, heading }): Placement => ({
    kind: 'listing',
    id,
    listing,
    heading,
  }))
  const page = JSON.stringify({
    ...newPage('The log', 'All that was seen on the walks.'),
    areas: { main: [newBand(1, things.slice(0, 1))], side: [newBand(2, things.slice(1))] },
  })
  const now = new Date()
  await db
    .insertInto('pages')
    .values({
      path,
      position: 99,
      draft: page,
      draft_by: null,
      draft_at: now,
      published: page,
      published_at: now,
    })
    .execute()
}

async function row<T>(db: Db, query: ReturnType<typeof sql>): Promise<T> {
  const { rows } = await query.execute(db)
  if (rows[0] === undefined) throw new Error('Nothing came back.')
  return rows[0] as T
}
