import { sql } from 'kysely'
import { valuesOf } from '../../core/content/field'
import { presentWhen, timingOf } from '../../core/content/happening'
import { earliestInstant, latestInstant } from '../../core/content/fields/date-time'
import { occurrencesOf } from '../../core/time/occurrences'
import type { Occurrence, Timing } from '../../core/time/occurrences'
import type { Trx } from '../db/client'
import { loadSite } from '../site/site'
import { fieldsOf } from './fields'

const dayMs = 86_400_000
/** So far back and ahead of now the times of what repeats are written down, in milliseconds. */
export const horizon = { behind: 366 * dayMs, ahead: 2 * 366 * dayMs }
/** More than that the horizon holds of nothing that comes once a day. */
const mostOfEntry = 2000

/** The occurrences of an entry within the horizon, and when the one after it begins. */
interface Expansion {
  readonly entry: number
  readonly occurrences: readonly Occurrence[]
  /** Of what repeats alone; null where none comes any more. */
  readonly nextAt: number | null
  readonly repeats: boolean
}

/**
 * Writes down anew when these entries of a collection happen, by what they are and what the
 * collection says of them now: the one time of what does not repeat, and of what does, the times
 * within the horizon around `now` (epoch milliseconds).
 */
export async function refreshOccurrences(
  trx: Trx,
  collectionId: number,
  ids: readonly number[],
  now: number,
): Promise<void> {
  if (ids.length === 0) return
  const chosen = sql`${sql.val([...ids])}::integer[]`
  await sql`
    with gone as (delete from occurrences where entry_id = any(${chosen}))
    delete from repeating_entries where entry_id = any(${chosen})`.execute(trx)
  const until = now + horizon.ahead
  const timings = await timingsOf(trx, collectionId, ids)
  const expansions = timings.map(({ entry, timing }) =>
    expansionOf(
      entry,
      timing,
      timing.repeats === null ? null : { from: now - horizon.behind, before: until },
    ),
  )
  await writeOccurrences(trx, collectionId, expansions)
  await writeRepeating(trx, expansions, until)
}

/**
 * Moves the horizon of these entries on to where it lies by `now`: writes the times that have come
 * into it, and drops those that have left it. Nothing else is touched.
 */
export async function extendOccurrences(
  trx: Trx,
  collectionId: number,
  ids: readonly number[],
  now: number,
): Promise<void> {
  const known = await trx
    .selectFrom('repeating_entries')
    .select(['entry_id', 'known_until'])
    .where('entry_id', 'in', [...ids])
    .execute()
  const from = new Map(known.map((row) => [row.entry_id, row.known_until.getTime()]))
  const until = now + horizon.ahead
  const timings = await timingsOf(trx, collectionId, ids)
  const expansions = timings.map(({ entry, timing }) =>
    expansionOf(entry, timing, { from: from.get(entry) ?? now - horizon.behind, before: until }),
  )
  await trx
    .deleteFrom('occurrences')
    .where('entry_id', 'in', [...ids])
    .where('starts_at', '<', new Date(now - horizon.behind))
    .execute()
  // What no longer says when it happens would be due for ever; it is written down anew when it does.
  const found = new Set(timings.map((one) => one.entry))
  await trx
    .deleteFrom('repeating_entries')
    .where('entry_id', 'in', [0, ...ids.filter((id) => !found.has(id))])
    .execute()
  await writeOccurrences(trx, collectionId, expansions)
  await writeRepeating(trx, expansions, until)
}

function expansionOf(
  entry: number,
  timing: Timing,
  within: { readonly from: number; readonly before: number } | null,
): Expansion {
  const all = { from: -Infinity, before: latestInstant }
  const { occurrences } = occurrencesOf(timing, { ...(within ?? all), most: mostOfEntry })
  if (within === null) return { entry, occurrences, nextAt: null, repeats: false }
  const after = occurrencesOf(timing, { from: within.before, before: latestInstant, most: 1 }).occurrences
  return { entry, occurrences, nextAt: after[0]?.startsAt ?? null, repeats: true }
}

async function timingsOf(
  trx: Trx,
  collectionId: number,
  ids: readonly number[],
): Promise<readonly { readonly entry: number; readonly timing: Timing }[]> {
  const { happening } = await trx
    .selectFrom('collections')
    .select('happening')
    .where('id', '=', collectionId)
    .executeTakeFirstOrThrow()
  // Most collections say nothing of it, and are asked no more.
  if (happening.when === null) return []
  const [fields, { zone }] = await Promise.all([fieldsOf(trx, collectionId), loadSite(trx)])
  const when = presentWhen(happening, fields)
  if (when === null) return []
  const rows = await trx
    .selectFrom('entries')
    .select(['id', 'field_values'])
    .where('id', 'in', [...ids])
    .execute()
  return rows.flatMap((row) => {
    const timing = timingOf(when, valuesOf(fields, row.field_values), zone)
    return timing === null ? [] : [{ entry: row.id, timing }]
  })
}

async function writeOccurrences(
  trx: Trx,
  collectionId: number,
  expansions: readonly Expansion[],
): Promise<void> {
  const rows = expansions.flatMap(({ entry, occurrences }) =>
    occurrences.map((one) => ({
      entry_id: entry,
      key: kept(one.key),
      starts_at: kept(one.startsAt),
      ends_at: kept(one.endsAt),
      is_whole_days: one.isWholeDays,
      is_cancelled: one.isCancelled,
    })),
  )
  if (rows.length === 0) return
  await sql`
    insert into occurrences (entry_id, key, collection_id, starts_at, ends_at, is_whole_days, is_cancelled)
    select entry_id, key, ${collectionId}, starts_at, ends_at, is_whole_days, is_cancelled
    from jsonb_to_recordset(${JSON.stringify(rows)}::jsonb) given (
      entry_id integer, key timestamptz, starts_at timestamptz, ends_at timestamptz, is_whole_days boolean, is_cancelled boolean
    )
    on conflict do nothing`.execute(trx)
}

/** An instant within those that are written down: the first and the last of all days lie partly outside. */
function kept(instant: number): Date {
  return new Date(Math.min(Math.max(instant, earliestInstant), latestInstant))
}

async function writeRepeating(trx: Trx, expansions: readonly Expansion[], until: number): Promise<void> {
  const rows = expansions.filter((one) => one.repeats)
  if (rows.length === 0) return
  await trx
    .insertInto('repeating_entries')
    .values(
      rows.map(({ entry, nextAt }) => ({
        entry_id: entry,
        known_until: new Date(until),
        next_at: nextAt === null ? null : new Date(nextAt),
      })),
    )
    .onConflict((on) =>
      on.column('entry_id').doUpdateSet((eb) => ({
        known_until: eb.ref('excluded.known_until'),
        next_at: eb.ref('excluded.next_at'),
      })),
    )
    .execute()
}
