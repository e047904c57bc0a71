import type { Plan } from '../../core/query/plan'
import type { Predicate } from '../../core/rules/predicate'
import type { Db } from '../db/client'
import { everyEntry, keyCounts } from './key-counts'

/** From this many on, finding and sorting all that match is no quicker than walking. */
const manyMatches = 3000
/** Counts are looked up anew after this, in milliseconds: here they only choose a way, never an answer. */
const keptFor = 60_000
const mostKept = 50_000

interface Kept {
  readonly count: number
  readonly until: number
}

const kept = new WeakMap<Db, Map<string, Kept>>()

/**
 * Whether it is quicker to find what matches and order that than to walk in order until `most` are
 * found, going by the rarest of the keys that a plan asks for. Either way is exact.
 */
export async function isFoundSooner(db: Db, plan: Plan, most: number): Promise<boolean> {
  const asked = plan.steps.flatMap(({ asks }) => keysAsked(asks))
  if (asked.length === 0) return false
  const count = await countsFor(db, plan.collections, [everyEntry, ...asked.flat()])
  const matches = Math.min(...asked.map((keys) => keys.reduce((sum, key) => sum + count(key), 0)))
  if (matches >= manyMatches) return false
  return matches === 0 || (most * count(everyEntry)) / matches > matches / 2
}

/** The lists of keys of which an entry must have one. */
function keysAsked(predicate: Predicate): readonly (readonly number[])[] {
  if (predicate.test === 'all') return predicate.of.flatMap(keysAsked)
  if (predicate.test === 'anyKey') return [predicate.keys]
  return predicate.test === 'allKeys' ? predicate.keys.map((key) => [key]) : []
}

async function countsFor(
  db: Db,
  collections: readonly number[],
  keys: readonly number[],
): Promise<(key: number) => number> {
  const known = kept.get(db) ?? new Map<string, Kept>()
  kept.set(db, known)
  if (known.size > mostKept) known.clear()
  const now = Date.now()
  const nameOf = (key: number) => `${collections.join()} ${key}`
  const unknown = keys.filter((key) => (known.get(nameOf(key))?.until ?? 0) <= now)
  const counts = await keyCounts(db, collections, unknown, now)
  for (const key of unknown) known.set(nameOf(key), { count: counts.get(key) ?? 0, until: now + keptFor })
  return (key) => known.get(nameOf(key))?.count ?? 0
}
