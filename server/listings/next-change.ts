import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { opensOf } from '../../core/cards/card'
import type { Listing } from '../../core/listing/definition'
import { movesByClock } from '../../core/rules/asking'
import { movementOf } from '../../core/query/moving'
import type { Movement } from '../../core/query/moving'
import { planOf } from '../../core/query/plan'
import { fieldIn } from '../../core/rules/predicate'
import type { QuestionContext } from '../../core/rules/context'
import type { Step } from '../../core/query/steps'
import { rowName } from '../../core/content/row'
import type { NextChange } from '../../core/query/answers'
import { numberExpression } from '../content/field-indexes'
import type { Db } from '../db/client'
import { shownRows } from './answer'
import { conditionOf } from './conditions'
import type { Condition } from './conditions'
import { questionContext } from './context'
import type { Asked, KnownSite } from './context'

/** As far ahead as the bench looks for what the clock will change. */
const daysAhead = 31
/** So many instants are looked at, and for so long in milliseconds, before it says how far it came. */
const mostLooks = 200
const longestLook = 1500

/**
 * The first instant after `now` (epoch milliseconds) at which the clock alone may change what a
 * listing shows, which rows or what of them; Infinity for never.
 */
export async function mayChangeAt(
  db: Db,
  listing: Listing,
  words: KnownSite['words'],
  now: number,
): Promise<number> {
  const [rows, parts] = await Promise.all([
    nextInstant(db, listing, words, now, () => sql<boolean>`true`),
    nextOpened(db, listing, now),
  ])
  return Math.min(rows, parts)
}

/** When the next part of a listing's cards comes or goes that is there around dates only. */
async function nextOpened(db: Db, { from, card }: Listing, now: number): Promise<number> {
  const opens = opensOf(card)
  if (opens.length === 0) return Infinity
  const looks = from.collections.flatMap((collection) => [
    ...opens.map((minutes) => occurrenceLook(collection, 'starts_at', now, minutes)),
    occurrenceLook(collection, 'ends_at', now),
  ])
  return (await earliest(db, looks, now)) ?? Infinity
}

/** As `mayChangeAt`, of the entries of a collection that `concerned` leaves. */
async function nextInstant(
  db: Db,
  listing: Listing,
  words: KnownSite['words'],
  now: number,
  concerned: (collection: number) => Condition,
): Promise<number> {
  const movement = movementOf(listing, now, words)
  const passed = await nextPassed(db, listing.from.collections, movement, now, concerned)
  return Math.min(movement.turnsAt ?? Infinity, passed ?? Infinity)
}

/** The first instant after `now` at which an entry appears or expires, or a field's moment comes. */
async function nextPassed(
  db: Db,
  collections: readonly number[],
  { passes, occurrences }: Movement,
  now: number,
  concerned: (collection: number) => Condition,
): Promise<number | null> {
  const at = instant(now)
  const looks = collections.flatMap((collection): RawBuilder<unknown>[] => {
    const among = sql`from entry_index i where i.collection_id = ${collection} and ${concerned(collection)}`
    return [
      sql`(select extract(epoch from published_at) * 1000 ${among} and published_at > ${at} order by published_at limit 1)`,
      sql`(select extract(epoch from min(expires_at)) * 1000 ${among} and expires_at > ${at})`,
      ...(occurrences
        ? (['starts_at', 'ends_at'] as const).map((column) =>
            occurrenceLook(collection, column, now, 0, concerned(collection)),
          )
        : []),
      ...passes.flatMap((column) => {
        const field = fieldIn(column, collection)
        if (field === null) return []
        const value = sql.raw(numberExpression(field))
        return [
          sql`(select ${value} * 1000 ${among} and ${value} > ${now / 1000}::float8 order by ${value} limit 1)`,
        ]
      }),
    ]
  })
  return earliest(db, looks, now)
}

/** The earliest of what is looked up, in epoch milliseconds; null where nothing is found. */
async function earliest(db: Db, looks: readonly RawBuilder<unknown>[], now: number): Promise<number | null> {
  if (looks.length === 0) return null
  const { rows } = await sql<{
    next: number | null
  }>`select least(${sql.join(looks)})::float8 as next`.execute(db)
  const next = rows[0]?.next ?? null
  // An end that is no whole millisecond is past by the next one.
  return next === null ? null : Math.max(now + 1, Math.ceil(next))
}

function instant(at: number): RawBuilder<unknown> {
  return sql`${new Date(at)}::timestamptz`
}

/** When an occurrence next begins or ends, or when it next is so many minutes before that. */
function occurrenceLook(
  collection: number,
  name: 'starts_at' | 'ends_at',
  now: number,
  minutesBefore = 0,
  concerned: Condition = sql<boolean>`true`,
): RawBuilder<unknown> {
  const column = sql.ref(`o.${name}`)
  const early = minutesBefore * 60_000
  return sql`(select extract(epoch from ${column}) * 1000 - ${sql.lit(early)}
    from occurrences o join entry_index i on i.entry_id = o.entry_id
    where o.collection_id = ${collection} and ${concerned} and ${column} > ${instant(now + early)}
    order by ${column} limit 1)`
}

/** The entries that may come and go by the clock: those that pass whatever the clock does not move. */
function concernedBy(listing: Listing, context: QuestionContext): (collection: number) => Condition {
  const { from } = listing
  const isMoved = (step: Step) =>
    step.kind === 'rule'
      ? from.rules.slice(step.at, step.at + 1).some(movesByClock)
      : step.kind === 'collections' || (step.kind === 'rules' && from.rules.some(movesByClock))
  const fixed = planOf(listing, context)
    .steps.filter(({ step }) => !isMoved(step))
    .map(({ asks }) => asks)
  return (collection) => conditionOf({ test: 'all', of: fixed }, collection)
}

/**
 * When a listing's answer will next be another by the clock alone, and what comes and goes then:
 * looked for at every instant at which it may, through the next month. Where that takes too long, how
 * far nothing changes.
 */
export async function nextChangeOf(
  db: Db,
  known: KnownSite,
  listing: Listing,
  asked: Asked,
  above: readonly number[],
): Promise<NextChange | null> {
  const contextAt = (now: number) => questionContext(db, known, listing, { ...asked, now }, above)
  const shownAt = async (now: number) =>
    shownRows(db, planOf(listing, await contextAt(now)), known.site.locale)
  const begun = performance.now()
  const [before, context] = await Promise.all([shownAt(asked.now), contextAt(asked.now)])
  const concerned = concernedBy(listing, context)
  const end = asked.now + daysAhead * 86_400_000
  let at = asked.now
  for (let look = 0; look < mostLooks && performance.now() - begun < longestLook; look += 1) {
    at = await nextInstant(db, listing, known.words, at, concerned)
    if (!Number.isFinite(at) || at > end) return null
    const after = await shownAt(at)
    const [names, were] = [after.map(rowName), before.map(rowName)]
    if (names.length === were.length && names.every((name, place) => name === were[place])) continue
    const [comes, goes] = [
      after.filter((row) => !were.includes(rowName(row))).map((row) => row.id),
      before.filter((row) => !names.includes(rowName(row))).map((row) => row.id),
    ]
    const titles = await titlesOf(db, [...comes, ...goes])
    const named = (ids: readonly number[]) => ids.flatMap((id) => titles.get(id) ?? [])
    return { at, isChange: true, comes: named(comes), goes: named(goes) }
  }
  return { at, isChange: false, comes: [], goes: [] }
}

async function titlesOf(db: Db, ids: readonly number[]): Promise<ReadonlyMap<number, string>> {
  const rows = await db
    .selectFrom('entries')
    .select(['id', 'title'])
    .where('id', 'in', [0, ...ids])
    .execute()
  return new Map(rows.map((row) => [row.id, row.title]))
}
