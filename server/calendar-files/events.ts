import { createHash } from 'node:crypto'
import type { CardEntry } from '../../core/cards/card-entry'
import { fieldTypes } from '../../core/content/fields'
import { presentWhen, timingOf } from '../../core/content/happening'
import type { CalendarEvent } from '../../core/icalendar/write'
import { visibleAt } from '../content/visible'
import type { Db } from '../db/client'
import { cardEntries } from '../listings/card-entries'
import { entryTitles } from '../listings/entry-titles'
import type { Site } from '../site/site'

/**
 * Entries as calendars tell them, in their order: those that say when they happen, and that visitors may
 * see at `now` (epoch milliseconds). `origin` is where the site is reached.
 */
export async function calendarEvents(
  db: Db,
  site: Site,
  ids: readonly number[],
  origin: string,
  now: number,
): Promise<readonly CalendarEvent[]> {
  if (ids.length === 0) return []
  const [entries, rows] = await Promise.all([
    cardEntries(
      db,
      ids.map((id) => ({ id, at: null })),
      { zone: site.zone },
    ),
    db
      .selectFrom('entries as e')
      .innerJoin('collections as c', 'c.id', 'e.collection_id')
      .select(['e.id', 'e.version', 'e.created_at', 'e.updated_at', 'c.happening'])
      .where('e.id', 'in', [...ids])
      .where(visibleAt('e', new Date(now)))
      .execute(),
  ])
  const known = new Map(rows.map((row) => [row.id, row]))
  const places = await placeNames(db, entries, known)
  return entries.flatMap((entry): CalendarEvent[] => {
    const row = known.get(entry.id)
    if (row === undefined) return []
    const when = presentWhen(row.happening, [...entry.fields.values()])
    const timing = when === null ? null : timingOf(when, entry.values, site.zone)
    if (timing === null) return []
    return [
      {
        uid: uidOf(entry.id, row.created_at),
        sequence: row.version,
        changedAt: row.updated_at.getTime(),
        timing,
        title: entry.title,
        summary: entry.summary,
        place: placeOf(entry, row.happening.where, site, places),
        address: entry.address.startsWith('/') ? origin + encodeURI(entry.address) : entry.address,
        terms: entry.terms.map((term) => term.name),
      },
    ]
  })
}

/**
 * A name that stays when the site and the entry get other addresses: a UUID of version 8 (RFC 9562, 5.8)
 * of the entry and the moment at which it was made.
 */
function uidOf(id: number, createdAt: Date): string {
  const hash = createHash('sha256').update(`${id} ${createdAt.toISOString()}`).digest()
  hash[6] = ((hash[6] ?? 0) & 0x0f) | 0x80
  hash[8] = ((hash[8] ?? 0) & 0x3f) | 0x80
  const hex = hash.toString('hex')
  return [
    [0, 8],
    [8, 12],
    [12, 16],
    [16, 20],
    [20, 32],
  ]
    .map(([from, to]) => hex.slice(from, to))
    .join('-')
}

type Rows = ReadonlyMap<number, { readonly happening: { readonly where: number | null } }>

/** The titles of the entries that others name as their place. */
async function placeNames(
  db: Db,
  entries: readonly CardEntry[],
  rows: Rows,
): Promise<ReadonlyMap<number, string>> {
  const ids = entries.flatMap((entry) => {
    const where = rows.get(entry.id)?.happening.where ?? null
    return where === null || entry.fields.get(where)?.type !== 'reference'
      ? []
      : ((entry.values[where] as readonly number[] | undefined) ?? [])
  })
  return entryTitles(db, ids)
}

/** Where an entry happens, in words; empty where it does not say. */
function placeOf(
  entry: CardEntry,
  where: number | null,
  site: Site,
  names: ReadonlyMap<number, string>,
): string {
  const field = where === null ? undefined : entry.fields.get(where)
  const value = field === undefined ? undefined : entry.values[field.id]
  if (field === undefined || value === undefined) return ''
  if (field.type === 'reference')
    return (value as readonly number[]).flatMap((id) => names.get(id) ?? []).join(', ')
  return fieldTypes.get(field.type).format(value as never, field.settings as never, site)
}
