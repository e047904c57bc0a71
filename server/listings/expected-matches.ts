import { sql } from 'kysely'
import type { Plan } from '../../core/query/plan'
import type { Predicate } from '../../core/query/predicate'
import type { Db } from '../db/client'

/** Fewer than this are found and sorted faster than a collection is walked. */
export const fewMatches = 3000
/** Counts are looked up anew after this, in milliseconds: they only choose a way, never an answer. */
const keptFor = 300_000
const mostKept = 50_000

const kept = new Map<string, { readonly count: number; readonly until: number }>()

/**
 * About how many entries pass a plan, by the rarest of the keys it asks for; Infinity when it asks
 * for none. An estimate for choosing between two exact ways.
 */
export async function expectedMatches(db: Db, plan: Plan): Promise<number> {
  const asked = plan.steps.flatMap(({ asks }) => keysAsked(asks))
  if (asked.length === 0) return Infinity
  const counts = await Promise.all(asked.map((keys) => countWith(db, plan.collections, keys)))
  return Math.min(...counts)
}

/** The lists of keys of which an entry must have one. */
function keysAsked(predicate: Predicate): readonly (readonly number[])[] {
  if (predicate.test === 'all') return predicate.of.flatMap(keysAsked)
  if (predicate.test === 'anyKey') return [predicate.keys]
  return predicate.test === 'allKeys' ? predicate.keys.map((key) => [key]) : []
}

async function countWith(db: Db, collections: readonly number[], keys: readonly number[]): Promise<number> {
  const counts = await Promise.all(collections.flatMap((collection) => keys.map((key) => countOf(db, collection, key))))
  return counts.reduce((sum, count) => sum + count, 0)
}

async function countOf(db: Db, collection: number, key: number): Promise<number> {
  const name = `${collection} ${key}`
  const known = kept.get(name)
  if (known !== undefined && known.until > Date.now()) return known.count
  const { rows } = await sql<{ count: number }>`
    select count(*)::integer as count from (
      select 1 from entry_index where collection_id = ${collection} and keys @> array[${key}]::integer[] limit ${fewMatches}
    ) found`.execute(db)
  const count = rows[0]?.count ?? 0
  if (kept.size >= mostKept) kept.clear()
  kept.set(name, { count, until: Date.now() + keptFor })
  return count
}
