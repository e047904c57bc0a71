import { sql } from 'kysely'
import type { Plan } from '../../core/query/plan'
import type { Predicate } from '../../core/query/predicate'
import type { Db } from '../db/client'

/** From this many on, finding and sorting all that match is no quicker than walking. */
const manyMatches = 3000
/** Larger collections need not be told apart. */
const mostCounted = 100_000
/** Counts are looked up anew after this, in milliseconds: they only choose a way, never an answer. */
const keptFor = 300_000
const mostKept = 50_000

const kept = new Map<string, { readonly count: number; readonly until: number }>()

/**
 * Whether it is quicker to find what matches and order that than to walk in order until `most` are
 * found, going by the rarest of the keys that a plan asks for. Either way is exact.
 */
export async function isFoundSooner(db: Db, plan: Plan, most: number): Promise<boolean> {
  const asked = plan.steps.flatMap(({ asks }) => keysAsked(asks))
  if (asked.length === 0) return false
  const [sizes, ...counts] = await Promise.all([
    Promise.all(plan.collections.map((collection) => countOf(db, collection, null))),
    ...asked.map((keys) => countWith(db, plan.collections, keys)),
  ])
  const matches = Math.min(...counts)
  if (matches >= manyMatches) return false
  const size = sizes.reduce((sum, count) => sum + count, 0)
  return matches === 0 || (most * size) / matches > matches / 2
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

/** How many entries of a collection have a key, or are there at all: counted up to a limit, and looked up anew now and then. */
async function countOf(db: Db, collection: number, key: number | null): Promise<number> {
  const name = `${collection} ${key}`
  const known = kept.get(name)
  if (known !== undefined && known.until > Date.now()) return known.count
  const { rows } = await sql<{ count: number }>`
    select count(*)::integer as count from (
      select 1 from entry_index where collection_id = ${collection} ${key === null ? sql`` : sql`and keys @> array[${key}]::integer[]`} limit ${key === null ? mostCounted : manyMatches}
    ) found`.execute(db)
  const count = rows[0]?.count ?? 0
  if (kept.size >= mostKept) kept.clear()
  kept.set(name, { count, until: Date.now() + keptFor })
  return count
}
