import type { ShownDate } from '../../core/checks/define'
import type { CardEntry } from '../../core/cards/card-entry'
import { presentWhen } from '../../core/content/happening'
import type { Happening } from '../../core/content/happening'
import type { CardView } from '../../site/view'
import type { Db } from '../db/client'
import { cardEntries } from '../listings/card-entries'
import { occurrencesOfRows } from '../listings/indexed-entry'

/** What is known of the dates of cards that stand for dates, by the names of their rows. */
export async function shownDates(
  db: Db,
  cards: readonly Pick<CardView, 'row'>[],
  zone: string,
): Promise<ReadonlyMap<string, ShownDate>> {
  const keys = cards.flatMap(({ row }) => {
    const [id, at] = row.split('@').map(Number)
    return id === undefined || at === undefined ? [] : [{ id, at, row }]
  })
  if (keys.length === 0) return new Map()
  const ids = [...new Set(keys.map(({ id }) => id))]
  const [dates, entries, happenings] = await Promise.all([
    occurrencesOfRows(db, keys),
    // As they are stored: on a date, an end before the beginning is not told any more.
    cardEntries(
      db,
      ids.map((id) => ({ id, at: null })),
      { zone },
    ),
    happeningsOf(db, ids),
  ])
  const events = await eventsOf(db, entries.flatMap(referencesOf))
  const byId = new Map(entries.map((entry) => [entry.id, entry]))
  const dateOf = new Map(dates.map((date) => [`${date.entry}@${date.key}`, date]))
  return new Map(
    keys.flatMap(({ id, row }) => {
      const [entry, date] = [byId.get(id), dateOf.get(row)]
      if (entry === undefined || date === undefined) return []
      const { startsAt, endsAt } = date
      const told: ShownDate = {
        startsAt,
        endsAt,
        track: entry.track?.name ?? null,
        endsBefore: endsBefore(entry, happenings.get(id)),
        outside: outsideOf(referencesOf(entry), events, date),
      }
      return [[row, told]]
    }),
  )
}

async function happeningsOf(db: Db, ids: readonly number[]): Promise<ReadonlyMap<number, Happening>> {
  const rows = await db
    .selectFrom('entries as e')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .select(['e.id', 'c.happening'])
    .where('e.id', 'in', [...ids])
    .execute()
  return new Map(rows.map((row) => [row.id, row.happening]))
}

function endsBefore(entry: CardEntry, happening: Happening | undefined): boolean {
  const when = happening === undefined ? null : presentWhen(happening, [...entry.fields.values()])
  if (when === null || when.end === null) return false
  const [start, end] = [entry.values[when.start], entry.values[when.end]]
  // Days as texts are in their order, too (ISO 8601).
  return (
    typeof start === typeof end && end !== undefined && (end as string | number) < (start as string | number)
  )
}

function referencesOf(entry: CardEntry): readonly number[] {
  return [...entry.fields.values()].flatMap((field) =>
    field.type === 'reference' ? ((entry.values[field.id] as readonly number[] | undefined) ?? []) : [],
  )
}

interface EventDate {
  readonly title: string
  readonly startsAt: number
  readonly endsAt: number
}

/** When what entries refer to happens; none for what does not. */
async function eventsOf(db: Db, ids: readonly number[]): Promise<ReadonlyMap<number, readonly EventDate[]>> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .selectFrom('occurrences as o')
    .innerJoin('entries as e', 'e.id', 'o.entry_id')
    .select(['o.entry_id', 'e.title', 'o.starts_at', 'o.ends_at'])
    .where('o.entry_id', 'in', [...new Set(ids)])
    .where('o.is_cancelled', '=', false)
    .where('e.deleted_at', 'is', null)
    .execute()
  const events = new Map<number, EventDate[]>()
  for (const row of rows) {
    const date = { title: row.title, startsAt: row.starts_at.getTime(), endsAt: row.ends_at.getTime() }
    events.set(row.entry_id, [...(events.get(row.entry_id) ?? []), date])
  }
  return events
}

/** The title of the first event that something belongs to and lies outside of; null for none. */
function outsideOf(
  references: readonly number[],
  events: ReadonlyMap<number, readonly EventDate[]>,
  { startsAt, endsAt }: Pick<EventDate, 'startsAt' | 'endsAt'>,
): string | null {
  for (const id of references) {
    const dates = events.get(id) ?? []
    const [first] = dates
    if (first !== undefined && !dates.some((date) => date.startsAt <= startsAt && date.endsAt >= endsAt))
      return first.title
  }
  return null
}
