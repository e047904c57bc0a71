import { sql } from 'kysely'
import { filterOf } from '../../core/query/plan'
import type { Plan } from '../../core/query/plan'
import type { Db } from '../db/client'
import { conditionOf } from './conditions'
import { isAskedOfAll } from './asked-of-all'
import type { HeldEntries } from './held-entries'
import { keyCounts } from './key-counts'
import { rowsRelation } from './rows'

/** Each key of each entry is looked up among so many; among more, all keys are counted, and then looked up. */
const mostLooked = 16

/**
 * How many of the entries that pass a plan have each of the keys, as terms of a facet, choices of a
 * field or authors. Read off kept counts where the plan asks nothing, else counted in one pass over
 * what passes, in what is held of it where it is. Keys that none has are left out.
 */
export async function facetCounts(
  db: Db,
  plan: Plan,
  keys: readonly number[],
  held: HeldEntries | null = null,
): Promise<ReadonlyMap<number, number>> {
  const visible = plan.steps[0]?.asks
  if (isAskedOfAll(plan) && visible?.test === 'visible') {
    const kept = await keyCounts(db, plan.collections, keys, visible.at)
    return new Map([...kept].filter(([, count]) => count > 0))
  }
  if (keys.length === 0) return new Map()
  const rows = await held?.of(plan)
  if (rows) return added(rows.map((one) => one.keyCounts(filterOf(plan), keys)))
  return countedKeys(db, plan, keys)
}

function added(counts: readonly ReadonlyMap<number, number>[]): ReadonlyMap<number, number> {
  const [first = new Map<number, number>(), ...others] = counts
  const sums = new Map(first)
  for (const other of others) for (const [key, count] of other) sums.set(key, (sums.get(key) ?? 0) + count)
  return sums
}

async function countedKeys(
  db: Db,
  plan: Plan,
  keys: readonly number[],
): Promise<ReadonlyMap<number, number>> {
  const isAsked = sql`key = any(${sql.val([...keys])}::integer[])`
  const early = keys.length > mostLooked ? sql`` : sql`where ${isAsked}`
  const legs = plan.collections.map((collection) => {
    const passing = sql`${rowsRelation(plan.rows)} where i.collection_id = ${collection} and ${conditionOf(filterOf(plan), collection)}`
    // However many dates of it pass, an entry is one.
    const entries = plan.rows.of === 'entries' ? sql`i.keys` : sql`distinct i.entry_id, i.keys`
    return sql`select key from (select ${entries} from ${passing}) entries, unnest(keys) key ${early}`
  })
  const { rows } = await sql<{ key: number; entries: number }>`
    with counted as materialized (
      select key, count(*)::integer as entries from (${sql.join(legs, sql` union all `)}) legs group by key
    ) select key, entries from counted where ${isAsked}`.execute(db)
  return new Map(rows.map((row) => [row.key, row.entries]))
}
