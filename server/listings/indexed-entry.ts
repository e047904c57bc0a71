import { sql } from 'kysely'
import type { IndexedEntry } from '../../core/content/entry'
import type { Row, RowKey } from '../../core/content/row'
import type { Occurrence } from '../../core/time/occurrences'
import type { Db } from '../db/client'

/** An entry as questions see it, or null where it is not published. */
export async function indexedEntry(db: Db, id: number): Promise<IndexedEntry | null> {
  const [row, words, reads] = await Promise.all([
    db.selectFrom('entry_index').selectAll().where('entry_id', '=', id).executeTakeFirst(),
    db.selectFrom('entry_words').select('words').where('entry_id', '=', id).executeTakeFirst(),
    db
      .selectFrom('entry_reads')
      .select([sql<string>`day::text`.as('day'), 'count'])
      .where('entry_id', '=', id)
      .execute(),
  ])
  if (!row) return null
  return {
    id: row.entry_id,
    collectionId: row.collection_id,
    title: row.title,
    publishedAt: row.published_at.getTime(),
    expiresAt: row.expires_at?.getTime() ?? null,
    views: row.views,
    comments: row.comments,
    rating: row.rating,
    pinned: row.pinned,
    keys: row.keys,
    values: row.sort_values,
    words: words?.words ?? [],
    reads: reads.map(({ day, count }) => ({ day: Date.parse(day), count })),
  }
}

/** A row as questions see it, or null where its entry is not published or its occurrence is gone. */
export async function indexedRow(db: Db, { id, at }: RowKey): Promise<Row | null> {
  const [entry, dates] = await Promise.all([
    indexedEntry(db, id),
    at === null ? [] : occurrencesOfRows(db, [{ id, at }]),
  ])
  const [occurrence = null] = dates
  return entry === null || (at !== null && occurrence === null) ? null : { entry, occurrence }
}

/** The occurrences that rows name, with their entries; none for those that are gone. */
export async function occurrencesOfRows(
  db: Db,
  rows: readonly RowKey[],
): Promise<readonly (Occurrence & { readonly entry: number })[]> {
  const dated = rows.flatMap(({ id, at }) => (at === null ? [] : [{ id, at: new Date(at) }]))
  if (dated.length === 0) return []
  const found = await sql<OccurrenceRow>`
    select o.* from occurrences o
    join jsonb_to_recordset(${JSON.stringify(dated)}::jsonb) asked (id integer, at timestamptz)
      on asked.id = o.entry_id and asked.at = o.key`.execute(db)
  return found.rows.map((row) => ({ entry: row.entry_id, ...occurrenceOf(row) }))
}

/** Of entries, the date of each that is going on at `now` (epoch milliseconds), else the next. */
export async function nextDatesOf(
  db: Db,
  ids: readonly number[],
  now: number,
): Promise<ReadonlyMap<number, Occurrence>> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .selectFrom('occurrences')
    .distinctOn('entry_id')
    .selectAll()
    .where('entry_id', 'in', [...new Set(ids)])
    .where('ends_at', '>', new Date(now))
    .where('is_cancelled', '=', false)
    .orderBy('entry_id')
    .orderBy('starts_at')
    .orderBy('key')
    .execute()
  return new Map(rows.map((row) => [row.entry_id, occurrenceOf(row)]))
}

interface OccurrenceRow {
  readonly entry_id: number
  readonly key: Date
  readonly starts_at: Date
  readonly ends_at: Date
  readonly is_whole_days: boolean
  readonly is_cancelled: boolean
}

/** An occurrence as its row has it. */
export function occurrenceOf(row: Omit<OccurrenceRow, 'entry_id'>): Occurrence {
  return {
    key: row.key.getTime(),
    startsAt: row.starts_at.getTime(),
    endsAt: row.ends_at.getTime(),
    isWholeDays: row.is_whole_days,
    isCancelled: row.is_cancelled,
  }
}
