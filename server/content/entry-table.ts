import { sql } from 'kysely'
import type { OrderByItemBuilder, RawBuilder } from 'kysely'
import { number, object, string } from 'yup'
import type { InferType } from 'yup'
import { entryStates, stateOf } from '../../core/content/entry'
import { storageOf, valuesOf } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { fieldTypes } from '../../core/content/fields'
import type { Db } from '../db/client'
import type { EntryRow } from '../../core/content/answers'
import { collationFor } from '../db/collation'
import { refused } from '../http/problem'
import { everyEntry, keyCounts, publishedCount } from '../listings/key-counts'
import { loadSite } from '../site/site'
import { idsByAuthor } from './by-author'
import { sortExpression } from './field-indexes'
import { fieldsOf } from './fields'
import { visibleAt } from './visible'

const sortable = ['title', 'author', 'publishedAt', 'updatedAt', 'views'] as const
const byField = /^field:(\d{1,9})$/

/** What the table of a collection's entries may be asked: a page of it, its order, words to find. */
export const entryTableQuery = object({
  page: number().integer().min(1).max(1_000_000).default(1),
  perPage: number().integer().min(1).max(200).default(25),
  /** One of the columns, or `field:12` for a sortable field. */
  sort: string()
    .test(
      'column',
      'Sort by a column, or by a field that may be sorted by.',
      (text = '') => sortable.some((one) => one === text) || byField.test(text),
    )
    .default('publishedAt'),
  direction: string().oneOf(['up', 'down']).default('down'),
  search: string().trim().max(200).default(''),
  state: string()
    .oneOf(['all', ...entryStates])
    .default('all'),
})
export type EntryTableQuery = InferType<typeof entryTableQuery>

/** A page of a collection's entries, and how many there are in all. `now` is epoch milliseconds. */
export async function entryTable(
  db: Db,
  collectionId: number,
  query: EntryTableQuery,
  now: number,
): Promise<{ readonly rows: readonly EntryRow[]; readonly total: number }> {
  const found = matching(db, collectionId, query, new Date(now))
  const fields = await fieldsOf(db, collectionId)
  const [total, ids] = await Promise.all([
    countOf(db, collectionId, query, now),
    isPlainlyByAuthor(query) ? byAuthor(db, collectionId, query) : inOrder(db, found, fields, query),
  ])
  return {
    total,
    rows: await rowsOf(db, fields, ids, now),
  }
}

/** Whether all entries are asked for by author: what there is of each is counted already then. */
function isPlainlyByAuthor({ sort, search, state }: EntryTableQuery): boolean {
  return sort === 'author' && search === '' && state === 'all'
}

async function byAuthor(
  db: Db,
  collectionId: number,
  { direction, page, perPage }: EntryTableQuery,
): Promise<readonly number[]> {
  const collation = await collationFor(db, (await loadSite(db)).locale)
  const part = {
    direction: direction === 'up' ? 'up' : 'down',
    skip: (page - 1) * perPage,
    take: perPage,
  } as const
  return idsByAuthor(db, collectionId, part, collation)
}

async function inOrder(
  db: Db,
  found: ReturnType<typeof matching>,
  fields: readonly Field[],
  query: EntryTableQuery,
): Promise<readonly number[]> {
  const order = await orderOf(db, fields, query.sort)
  const rows = await found
    .select('e.id')
    .orderBy(order, (by) => directed(by, query))
    .orderBy('e.id', 'desc')
    .limit(query.perPage)
    .offset((query.page - 1) * query.perPage)
    .execute()
  return rows.map((row) => row.id)
}

/** Every entry that a table's question finds, for changing all at once; at most `most`. */
export async function matchingIds(
  db: Db,
  collectionId: number,
  query: EntryTableQuery,
  now: number,
  most: number,
): Promise<readonly number[]> {
  const rows = await matching(db, collectionId, query, new Date(now))
    .select('e.id')
    .orderBy('e.id')
    .limit(most)
    .execute()
  return rows.map((row) => row.id)
}

/** Empty values come last. Columns that have none don't say so: an index would go unused for it. */
function directed(by: OrderByItemBuilder, { sort, direction }: EntryTableQuery): OrderByItemBuilder {
  const ordered = direction === 'up' ? by.asc() : by.desc()
  return sort === 'title' || sort === 'views' || sort === 'updatedAt' ? ordered : ordered.nullsLast()
}

async function orderOf(db: Db, fields: readonly Field[], sort: string): Promise<RawBuilder<unknown>> {
  const column = sortable.find((one) => one === sort)
  const collation = await collationFor(db, (await loadSite(db)).locale)
  if (column !== undefined) return orderColumns(collation)[column]
  const field = fields.find((one) => String(one.id) === byField.exec(sort)?.[1] && one.sortable)
  const kind = field === undefined ? null : fieldTypes.get(field.type).sort
  if (field === undefined || kind === null)
    throw refused([{ path: 'sort', message: 'This field is gone, or may not be sorted by.' }])
  return sql.raw(sortExpression(storageOf(field), kind, collation))
}

function orderColumns(collation: string): Record<(typeof sortable)[number], RawBuilder<unknown>> {
  return {
    title: sql`e.title collate ${sql.id(collation)}`,
    author: sql`(select name from authors where id = e.author_id) collate ${sql.id(collation)}`,
    publishedAt: sql`e.published_at`,
    updatedAt: sql`e.updated_at`,
    views: sql`e.view_count`,
  }
}

/** How many entries the question finds. Those that are published are counted already. */
async function countOf(db: Db, collectionId: number, query: EntryTableQuery, now: number): Promise<number> {
  if (query.search === '' && query.state === 'published')
    return (await keyCounts(db, [collectionId], [everyEntry], now)).get(everyEntry) ?? 0
  const found = matching(db, collectionId, query, new Date(now))
  const counted = async (rows: typeof found) =>
    (await rows.select(({ fn }) => fn.countAll<number>().as('total')).executeTakeFirstOrThrow()).total
  if (query.search !== '' || query.state !== 'all') return counted(found)
  const [published, others] = await Promise.all([
    publishedCount(db, collectionId),
    counted(found.where('e.status', '<>', 'published')),
  ])
  return published + others
}

function matching(db: Db, collectionId: number, query: EntryTableQuery, now: Date) {
  let found = db
    .selectFrom('entries as e')
    .where('e.collection_id', '=', collectionId)
    .where('e.deleted_at', 'is', null)
  if (query.search !== '')
    found = found.where(
      'e.title_lower',
      'like',
      sql<string>`lower(${`%${query.search.replace(/[\\%_]/g, '\\$&')}%`})`,
    )
  if (query.state === 'draft' || query.state === 'archived') found = found.where('e.status', '=', query.state)
  if (query.state === 'published')
    found = found.where('e.status', '=', 'published').where(visibleAt('e', now))
  if (query.state === 'scheduled')
    found = found.where('e.status', '=', 'published').where('e.published_at', '>', now)
  if (query.state === 'expired')
    found = found.where('e.status', '=', 'published').where('e.expires_at', '<=', now)
  return found
}

async function rowsOf(
  db: Db,
  fields: readonly Field[],
  ids: readonly number[],
  now: number,
): Promise<readonly EntryRow[]> {
  if (ids.length === 0) return []
  const [rows, terms] = await Promise.all([
    db
      .selectFrom('entries as e')
      .leftJoin('authors as a', 'a.id', 'e.author_id')
      .leftJoin('media as m', 'm.id', 'e.picture_id')
      .select([
        'e.id',
        'e.title',
        'e.slug',
        'e.status',
        'e.published_at',
        'e.expires_at',
        'e.updated_at',
        'e.view_count',
        'e.pinned',
        'e.field_values',
        'a.name as author',
        'm.hash',
        'm.width',
      ])
      .where('e.id', 'in', [...ids])
      .execute(),
    db
      .selectFrom('entry_terms as et')
      .innerJoin('terms as t', 't.id', 'et.term_id')
      .innerJoin('facets as f', 'f.id', 't.facet_id')
      .innerJoin('entries as e', 'e.id', 'et.entry_id')
      .innerJoin('collection_facets as cf', (join) =>
        join.onRef('cf.facet_id', '=', 't.facet_id').onRef('cf.collection_id', '=', 'e.collection_id'),
      )
      .where('f.deleted_at', 'is', null)
      .where('t.leaving', '=', false)
      .select(['et.entry_id', 't.name'])
      .where('et.entry_id', 'in', [...ids])
      .orderBy('et.position')
      .execute(),
  ])
  const byId = new Map(rows.map((row) => [row.id, row]))
  return ids.flatMap((id): EntryRow[] => {
    const row = byId.get(id)
    if (!row) return []
    const publishedAt = row.published_at?.getTime() ?? null
    return [
      {
        id,
        title: row.title,
        slug: row.slug,
        state: stateOf(
          { status: row.status, publishedAt, expiresAt: row.expires_at?.getTime() ?? null },
          now,
        ),
        author: row.author,
        terms: terms.filter((term) => term.entry_id === id).map((term) => term.name),
        publishedAt,
        updatedAt: row.updated_at.getTime(),
        views: row.view_count,
        pinned: row.pinned,
        values: valuesOf(fields, row.field_values),
        picture: row.hash !== null && row.width !== null ? { hash: row.hash, width: row.width } : null,
      },
    ]
  })
}
