import type { CardEntry } from '../../core/cards/card-entry'
import type { EntryInFull } from '../../core/cards/entry-in-full'
import { baseOf, entryAddressOf } from '../../core/content/entry-address'
import { presentWhen } from '../../core/content/happening'
import { referencesOf } from '../../core/content/field'
import { textOfDocument } from '../../core/content/rich-text/text'
import { visibleAt } from '../content/visible'
import type { Db } from '../db/client'
import { cardEntries } from './card-entries'

/**
 * An entry with all that its own page can show, and what its fields point at; null where visitors may not
 * see it at `now` (epoch milliseconds). `zone` is an IANA time zone, for addresses.
 */
export async function entryInFull(db: Db, id: number, zone: string, now: number): Promise<CardEntry | null> {
  const [row, [entry]] = await Promise.all([
    visibleEntries(db, [id], now).select(['e.body', 'c.name', 'c.happening']).executeTakeFirst(),
    cardEntries(db, [{ id, at: null }], { zone, nextDateAt: now }),
  ])
  if (row === undefined || entry === undefined) return null
  const references = referencesOf([...entry.fields.values()], entry.values)
  const idsOf = (kind: 'media' | 'entry') => references.flatMap(({ to, id }) => (to === kind ? [id] : []))
  const [files, entries] = await Promise.all([
    filesById(db, idsOf('media')),
    waysById(db, idsOf('entry'), zone, now),
  ])
  const collection = { title: row.name, path: baseOf(row.address) }
  const when = presentWhen(row.happening, [...entry.fields.values()])
  const happens = when !== null && entry.values[when.start] !== undefined
  return {
    ...entry,
    text: textOfDocument(row.body),
    full: { body: row.body, collection, files, entries, happens },
  }
}

async function filesById(db: Db, ids: readonly number[]): Promise<EntryInFull['files']> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .selectFrom('media')
    .select([
      'id',
      'hash',
      'kind',
      'type',
      'width',
      'height',
      'alternative',
      'tint',
      'focal_x as focalX',
      'focal_y as focalY',
      'file_name as fileName',
    ])
    .where('id', 'in', [...ids])
    .where('deleted_at', 'is', null)
    .execute()
  return new Map(rows.map((row) => [row.id, row]))
}

async function waysById(
  db: Db,
  ids: readonly number[],
  zone: string,
  now: number,
): Promise<EntryInFull['entries']> {
  if (ids.length === 0) return new Map()
  const rows = await visibleEntries(db, ids, now).select(['e.title', 'e.slug', 'i.published_at']).execute()
  return new Map(
    rows.map(({ id, title, slug, address, published_at: at }) => [
      id,
      { title, path: entryAddressOf(address, { slug, publishedAt: at.getTime() }, zone) },
    ]),
  )
}

function visibleEntries(db: Db, ids: readonly number[], now: number) {
  return db
    .selectFrom('entries as e')
    .innerJoin('entry_index as i', 'i.entry_id', 'e.id')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .select(['e.id', 'c.address'])
    .where('e.id', 'in', [...ids])
    .where('c.deleted_at', 'is', null)
    .where(visibleAt('i', new Date(now)))
}
