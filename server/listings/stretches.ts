import { sql } from 'kysely'
import { rowName } from '../../core/content/row'
import type { RowKey } from '../../core/content/row'
import { filterOf } from '../../core/query/plan'
import type { Plan } from '../../core/query/plan'
import { planFrom, planWithin } from '../../core/query/stretch'
import type { Stretch } from '../../core/query/stretch'
import type { Predicate } from '../../core/rules/predicate'
import { startOfDayBefore } from '../../core/time/zones'
import type { Db } from '../db/client'
import { shownPositions, shownRows } from './answer'
import { conditionOf } from './conditions'
import type { Condition } from './conditions'
import { saysWhen } from './context'
import type { KnownSite } from './context'
import { indexedRow } from './indexed-entry'

/** What happens in a stretch of time; where none of it is surely seen, when the next thing begins. */
export interface StretchShown {
  readonly rows: readonly RowKey[]
  /** Epoch milliseconds; null where something is surely seen, and where nothing comes. */
  readonly later: number | null
}

const dayMs = 86_400_000
/** So far back it is looked for what shares days with what shares days with a stretch. */
const farthestBack = 62 * dayMs

/**
 * What a plan shows in a stretch. What takes 24 hours or more, begins before it and lies across its
 * beginning comes with all that it shares days with, and so on: what needs a lane has the same beside
 * whatever comes later.
 */
export async function shownInStretch(
  db: Db,
  known: Pick<KnownSite, 'site' | 'dated'>,
  plan: Plan,
  stretch: Stretch,
): Promise<StretchShown> {
  const { locale, zone } = known.site
  const by = saysWhen(known, plan.collections) ? 'dates' : 'publishing'
  const [within, chain] = await Promise.all([
    // What takes longer and begins earlier belongs to the chain.
    shownPositions(db, planWithin(plan, stretch, by, dayMs), locale),
    by === 'dates' ? chainBefore(db, plan, stretch, zone) : [],
  ])
  const earlier = chain.filter((row) => row.passes)
  const found = new Set(within.map(rowName))
  const begun = within.map(({ id, at, values }) => ({ id, at, startsAt: Number(values[0]) }))
  const isSeen =
    earlier.some((row) => row.endsAt > stretch.from + stretch.margin) || begun.some(isSurelyIn(stretch))
  const rows = [...earlier.filter((row) => !found.has(rowName(row))), ...begun].toSorted(
    (a, b) => a.startsAt - b.startsAt || a.id - b.id || Number(a.at) - Number(b.at),
  )
  return {
    rows: rows.map(({ id, at }) => ({ id, at })),
    later: isSeen ? null : await nextBegin(db, planFrom(plan, stretch.before, stretch.term, by), locale),
  }
}

/** Whether what begins then is seen in a stretch, whichever clock it has; all that is in it where there is one. */
function isSurelyIn({ from, before, margin }: Stretch) {
  return ({ startsAt }: { readonly startsAt: number }) =>
    margin === 0 || (startsAt >= from + margin && startsAt < before - margin)
}

/** When the first of a plan begins. */
async function nextBegin(db: Db, plan: Plan, locale: string): Promise<number | null> {
  const [next] = await shownRows(db, plan, locale)
  return next === undefined ? null : beginOf(db, next)
}

/** A date that lies across days. */
interface LongRow extends RowKey {
  readonly startsAt: number
  readonly endsAt: number
  /** Whether a plan shows it. */
  readonly passes: boolean
}

/** What is published, begins before a stretch and lies across days shared up to it, whatever is asked. */
async function chainBefore(db: Db, plan: Plan, stretch: Stretch, zone: string): Promise<readonly LongRow[]> {
  const back = stretch.from - farthestBack
  const asked = sql`${sql.val([...plan.collections])}::integer[]`
  const { rows } = await sql<
    Record<'key' | 'starts_at' | 'ends_at', Date> & { entry_id: number; passes: boolean | null }
  >`
    with longest as (
      select max(own.seconds) as seconds from unnest(${asked}) asked (id),
        lateral (
          select extract(epoch from ends_at - starts_at)::float8 as seconds from occurrences
          where collection_id = asked.id order by ends_at - starts_at desc limit 1
        ) own
    )
    select i.entry_id, o.key, o.starts_at, o.ends_at, ${passing(plan, stretch.term)} as passes
    from occurrences o join entry_index i on i.entry_id = o.entry_id
    where o.collection_id = any(${asked}) and o.ends_at - o.starts_at >= interval '24 hours'
      and o.starts_at < ${new Date(stretch.from)}::timestamptz
      and o.starts_at >= (select to_timestamp(${back / 1000}::float8 - seconds) from longest)
      and o.ends_at > ${new Date(back)}::timestamptz`.execute(db)
  const long = rows.map((row): LongRow => ({
    id: row.entry_id,
    at: row.key.getTime(),
    startsAt: row.starts_at.getTime(),
    endsAt: row.ends_at.getTime(),
    passes: row.passes === true,
  }))
  const first = chainStart(long, stretch.from, zone)
  return long.filter((one) => one.endsAt > first)
}

/** What a plan asks of a row, whichever of its collections that belongs to. */
function passing(plan: Plan, term: number | null): Condition {
  const asks: Predicate = {
    test: 'all',
    of: [filterOf(plan), ...(term === null ? [] : [{ test: 'anyKey', keys: [term] } as const])],
  }
  const cases = plan.collections.map((one) => sql`when ${sql.lit(one)} then ${conditionOf(asks, one)}`)
  return sql<boolean>`case i.collection_id ${sql.join(cases, sql` `)} end`
}

/** The day on which the first begins of those that share days with what lies at `from`, and so on. */
function chainStart(long: readonly LongRow[], from: number, zone: string): number {
  const first = long.reduce((least, one) => (one.endsAt > from ? Math.min(least, one.startsAt) : least), from)
  return first < from ? chainStart(long, startOfDayBefore(first, 0, zone), zone) : from
}

/** When a row begins; the entry's publishing where it has no date. */
async function beginOf(db: Db, row: RowKey): Promise<number | null> {
  const indexed = await indexedRow(db, row)
  return indexed === null ? null : (indexed.occurrence?.startsAt ?? indexed.entry.publishedAt)
}
