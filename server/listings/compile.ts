import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { OrderKey } from '../../core/listing/order'
import type { Plan } from '../../core/query/plan'
import type { Predicate, RangeValue } from '../../core/query/predicate'

type Condition = RawBuilder<boolean>

/** A predicate as a condition on entry_index. Null for one that everything passes. */
export function conditionOf(predicate: Predicate): Condition | null {
  switch (predicate.test) {
    case 'anyKey':
      return sql<boolean>`keys && ${sql.val([...predicate.keys])}::integer[]`
    case 'visible': {
      const at = sql`${new Date(predicate.at)}::timestamptz`
      return sql<boolean>`(published_at <= ${at} and (expires_at is null or expires_at > ${at}))`
    }
    case 'between': {
      const column = sql.ref(columns[predicate.value])
      const limits: Condition[] = []
      if (predicate.from !== null) limits.push(sql<boolean>`${column} >= ${limit(predicate.value, predicate.from)}`)
      if (predicate.to !== null) limits.push(sql<boolean>`${column} <= ${limit(predicate.value, predicate.to)}`)
      return limits.length === 0 ? null : allOf(limits)
    }
  }
}

/** Holds where every condition holds; true when there is none. */
export function allOf(conditions: readonly Condition[]): Condition {
  return conditions.length === 0 ? sql<boolean>`true` : sql<boolean>`(${sql.join(conditions, sql` and `)})`
}

/**
 * The ids a plan shows, in order. Pinned-first is asked as two ordered legs, since one sort over
 * both would read the whole collection. `collation` names the database collation for titles.
 */
export function idsQuery(plan: Plan, collation: string): RawBuilder<{ entry_id: number }> {
  const passing = allOf(plan.steps.flatMap((step) => conditionOf(step) ?? []))
  const order = orderBy(plan.order, collation)
  const leg = (more: RawBuilder<unknown>, most: number) => sql<{ entry_id: number }>`
    select entry_id, title, published_at, views, pinned from entry_index
    where collection_id = ${plan.collectionId} and ${passing} ${more}
    order by ${order} limit ${most}`
  if (!plan.pinnedFirst) return sql<{ entry_id: number }>`${leg(sql``, plan.take)} offset ${plan.skip}`
  const most = plan.skip + plan.take
  return sql<{ entry_id: number }>`
    select entry_id from (
      (${leg(sql`and pinned`, most)}) union all (${leg(sql`and not pinned`, most)})
    ) legs
    order by pinned desc, ${order} limit ${plan.take} offset ${plan.skip}`
}

/** How many entries are left after each step, in one pass over the collection. */
export function countsQuery(plan: Plan): RawBuilder<Record<string, number>> {
  const conditions = plan.steps.map((step) => conditionOf(step) ?? sql<boolean>`true`)
  const counts = conditions.map(
    (_, at) => sql`count(*) filter (where ${allOf(conditions.slice(0, at + 1))}) as ${sql.ref(`step_${at}`)}`,
  )
  return sql<Record<string, number>>`
    select ${sql.join(counts)} from entry_index where collection_id = ${plan.collectionId}`
}

const columns: Record<RangeValue, string> = { publishedAt: 'published_at', views: 'views' }

function limit(value: RangeValue, number: number): RawBuilder<unknown> {
  return value === 'publishedAt' ? sql`${new Date(number)}::timestamptz` : sql`${number}`
}

function orderBy(keys: readonly OrderKey[], collation: string): RawBuilder<unknown> {
  const by: Record<OrderKey['by'], RawBuilder<unknown>> = {
    date: sql`published_at`,
    title: sql`title collate ${sql.id(collation)}`,
    views: sql`views`,
  }
  const sorted = keys.map((key) => (key.direction === 'up' ? sql`${by[key.by]} asc` : sql`${by[key.by]} desc`))
  return sql.join([...sorted, sql`entry_id desc`])
}
