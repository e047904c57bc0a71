import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { Plan } from '../../core/query/plan'
import type { RowsOf } from '../../core/query/rows'
import type { Predicate } from '../../core/rules/predicate'
import { conditionOf } from './conditions'
import type { Condition } from './conditions'

/** The rows that a plan is asked of, as `i`: the entry index, with each time that an entry happens beside it. */
export function rowsRelation(rows: RowsOf): RawBuilder<unknown> {
  if (rows.of === 'entries') return sql`entry_index i`
  return sql`(
    select e.*, o.key as at, o.starts_at, o.ends_at from entry_index e
    left join occurrences o on o.entry_id = e.entry_id and o.collection_id = e.collection_id
  ) i`
}

/** The columns that name a row of `rowsRelation`. */
export function rowColumns(rows: RowsOf): readonly RawBuilder<unknown>[] {
  return rows.of === 'entries' ? [sql`i.entry_id`] : [sql`i.entry_id`, sql`i.at`]
}

/**
 * Holds for the row that is shown of an entry: where each comes once, no other row of it that passes
 * the plan is nearer.
 */
export function isShownRow({ rows, steps }: Plan, collection: number): Condition {
  if (rows.of !== 'next') return sql<boolean>`true`
  // What is asked of the entry alone holds for all of its rows.
  const asking = steps.map((step) => step.asks).filter(asksOfOccurrence)
  const now = sql`${new Date(rows.now)}::timestamptz`
  return sql<boolean>`not exists (
    select from occurrences p
    where p.entry_id = i.entry_id and p.key <> i.at and ${conditionOf({ test: 'all', of: asking }, collection)}
      and case when p.ends_at > ${now}
        then i.ends_at <= ${now} or (p.starts_at, p.key) < (i.starts_at, i.at)
        else i.ends_at <= ${now} and (p.starts_at, p.key) > (i.starts_at, i.at) end
  )`
}

function asksOfOccurrence(predicate: Predicate): boolean {
  switch (predicate.test) {
    case 'all':
    case 'any':
      return predicate.of.some(asksOfOccurrence)
    case 'not':
      return asksOfOccurrence(predicate.of)
    case 'between':
      return predicate.value === 'startsAt' || predicate.value === 'endsAt'
    default:
      return false
  }
}
