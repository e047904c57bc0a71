import { sql } from 'kysely'
import type { FieldInput } from '../../core/content/field'
import { hasValue } from '../../core/content/field'
import { choice } from '../../core/content/fields/choice'
import { numberField } from '../../core/content/fields/number'
import { addCollection } from '../../server/content/collections'
import { reconcileFieldIndexes } from '../../server/content/field-indexes'
import { addField } from '../../server/content/field-writing'
import type { Db } from '../../server/db/client'
import { words } from './notes'

/** What questions on a filled database refer to. */
export interface Filled {
  readonly count: number
  /** The largest collection first. */
  readonly collections: readonly number[]
  readonly facet: number
  /** Terms by how often they occur, the commonest first. */
  readonly terms: readonly number[]
  readonly authors: readonly number[]
  readonly price: number
  /** Given for three entries in ten. */
  readonly stock: number
  readonly kind: number
  readonly kindKeys: readonly number[]
  /** Two terms that many entries have and none has together. */
  readonly apart: readonly [number, number]
}

/** Takes everything out of a database that was filled before. */
export async function emptied(db: Db): Promise<void> {
  await sql`truncate entries, entry_index, entry_words, entry_reads, read_windows, key_counts, key_count_changes, collections, facets, terms, authors, fields, field_keys cascade`.execute(
    db,
  )
}

const shares = [0.6, 0.15, 0.08, 0.06, 0.05, 0.03, 0.02, 0.01]

/**
 * Fills an empty database with so many published entries: most in one collection, terms and reads
 * skewed as they are on real sites (few have most), values in fields, ten words to be found by.
 */
export async function fill(db: Db, count: number): Promise<Filled> {
  await sql`insert into site (id, name, locale, time_zone) values (1, 'Bench', 'en-GB', 'UTC') on conflict do nothing`.execute(
    db,
  )
  const facet =
    (
      await sql<{
        id: number
      }>`insert into facets (slug, name, plural) values ('topic', 'Topic', 'Topics') returning id`.execute(db)
    ).rows[0]?.id ?? 0
  const terms = await ids(
    db,
    sql`insert into terms (facet_id, slug, name, position) select ${facet}, 'term-' || n, 'Term ' || n, n from generate_series(1, 600) n returning id`,
  )
  const authors = await ids(
    db,
    sql`insert into authors (slug, name) select 'author-' || n, 'Author ' || n from generate_series(1, 200) n returning id`,
  )
  const collections: number[] = []
  for (const at of shares.keys())
    collections.push(
      (
        await addCollection(db, {
          name: `Collection ${at}`,
          singular: 'Note',
          plural: 'Notes',
          icon: 'note',
          kind: 'article',
          address: `/c${at}/{slug}`,
          facets: [facet],
        })
      ).id,
    )
  const [main = 0] = collections
  const field = async (key: string, name: string, change: Partial<FieldInput>) =>
    (
      await addField(db, main, {
        key,
        name,
        type: 'number',
        settings: numberField.defaults,
        required: false,
        help: '',
        fallback: null,
        filterable: true,
        sortable: true,
        ...change,
      })
    ).id
  const price = await field('price', 'Price', {})
  const stock = await field('stock', 'Stock', {})
  const options = ['bush', 'climbing', 'dwarf', 'rare'].map((key) => ({ key, title: key }))
  const kind = await field('kind', 'Kind', {
    type: 'choice',
    settings: { ...choice.defaults, options },
    sortable: false,
  })
  const kindKeys = await ids(
    db,
    sql`insert into field_keys (field_id, value) select ${kind}, value from unnest(${sql.val([hasValue, ...options.map((one) => one.key)])}::text[]) value returning id`,
  )

  await sql`
    with drawn as (
      select n, random() as r1, random() as r2, random() as r3, random() as r4, random() as r5, random() as r6 from generate_series(1, ${count}) n
    ), placed as (
      select *, (${sql.val(collections)}::integer[])[1 + width_bucket(r1, ${sql.val(cumulated())}::float8[])] as collection from drawn
    )
    insert into entries (collection_id, slug, title, summary, body, status, published_at, author_id, view_count, comment_count, rating, pinned)
    select collection, 'entry-' || n,
      (${sql.val(words)}::text[])[1 + floor(r2 * 16)::integer] || ' ' || (${sql.val(words)}::text[])[1 + floor(r3 * 16)::integer] || ' ' || n,
      '', '{"type":"doc","content":[{"type":"paragraph"}]}', 'published', date_trunc('minute', now()) - n * interval '3 minutes',
      (${sql.val(authors)}::integer[])[1 + floor(200 * power(r4, 3))::integer], floor(5 / (0.0001 + power(r5, 2)))::integer, floor(3 / (0.02 + r6))::integer,
      case when r6 < 0.4 then r3 end, n % 5000 = 7
    from placed`.execute(db)
  await sql`
    insert into entry_index (entry_id, collection_id, title, published_at, views, comments, rating, pinned, keys, sort_values)
    select id, collection_id, title, published_at, view_count, comment_count, rating, pinned,
      array(select distinct (${sql.val(terms)}::integer[])[1 + floor(600 * power(random(), 4))::integer] from generate_series(1, 5) where id > 0)
        || author_id || case when pinned then '{-3}'::integer[] else '{}' end || case when random() < 0.8 and id > 0 then '{-1}'::integer[] else '{}' end
        || case when collection_id = ${main} then array[${kindKeys[0] ?? 0}, (${sql.val(kindKeys)}::integer[])[2 + floor(3.03 * power(random(), 2))::integer]] else '{}' end,
      case when collection_id = ${main} then jsonb_build_object(${String(price)}::text, floor(5000 * power(random(), 2)) / 10)
        || case when random() < 0.3 then jsonb_build_object(${String(stock)}::text, floor(random() * 100000)) else '{}' end else '{}' end
    from entries`.execute(db)
  const apart = await keptApart(db, main, terms)
  await sql`insert into entry_words (entry_id, words)
    select id, array(select distinct (${sql.val(words)}::text[])[1 + floor(16 * power(random(), 2))::integer] || case when random() < 0.6 then floor(random() * 300)::text else '' end from generate_series(1, 10) where id > 0)
      || array['entry', id::text] from entries`.execute(db)
  // Few entries are read on a day, most of them the same ones.
  await sql`insert into entry_reads (entry_id, day, count)
    select entry_id, current_date - day, 1 + floor(3 / (0.01 + random()))::integer
    from (select entry_id from entry_index order by views desc limit ${Math.max(200, Math.round(count * 0.01))}) read, generate_series(0, 40) day
    where random() < 0.3`.execute(db)
  await reconcileFieldIndexes(db)
  await sql`vacuum analyze`.execute(db)
  return { count, collections, facet, terms, authors, price, stock, kind, kindKeys, apart }
}

/** Two common terms are parted: half of the entries lose the one, half the other. */
async function keptApart(db: Db, main: number, terms: readonly number[]): Promise<readonly [number, number]> {
  const [one = 0, other = 0] = [terms[2], terms[3]]
  await sql`update entry_index set keys = array_remove(keys, case when entry_id % 2 = 0 then ${one}::integer else ${other}::integer end)
    where collection_id = ${main} and keys @> array[${one}, ${other}]::integer[]`.execute(db)
  return [one, other]
}

function cumulated(): readonly number[] {
  let sum = 0
  return shares.slice(0, -1).map((share) => (sum += share))
}

async function ids(
  db: Db,
  query: ReturnType<typeof sql<{ id: number }>> | ReturnType<typeof sql>,
): Promise<readonly number[]> {
  return ((await query.execute(db)).rows as { id: number }[]).map((row) => row.id)
}
