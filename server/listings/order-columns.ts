import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import type { Plan, PlanKey } from '../../core/query/plan'
import type { Position } from '../../core/query/position'
import { fieldIn } from '../../core/rules/predicate'
import { shuffleModulus, shuffleOf } from '../../core/query/shuffle'
import { numberExpression, textExpression } from '../content/field-indexes'
import type { Condition } from './conditions'
import { rowsRelation } from './rows'

type Expression = RawBuilder<unknown>

/**
 * The rows of a plan as `i`, with what the keys ask for besides. Reads of some days are counted once for
 * all, or were counted together already, which `rolled` says.
 */
export function indexFor(
  { rows }: Pick<Plan, 'rows'>,
  keys: readonly PlanKey[],
  rolled: boolean,
): Expression {
  const reads = keys.find((key) => key.by === 'reads')
  const relation = rowsRelation(rows)
  if (reads === undefined) return relation
  const [since, until] = [dayOf(reads.since), dayOf(reads.until)]
  if (rolled)
    return sql`${relation} left join recent_reads recent on recent.entry_id = i.entry_id and recent.collection_id = i.collection_id
      and recent.since = ${since}::date and recent.until = ${until}::date`
  return sql`${relation} left join (
    select r.entry_id, sum(r.count)::integer as reads from entry_reads r
    where r.day between ${since}::date and ${until}::date group by r.entry_id
  ) recent on recent.entry_id = i.entry_id`
}

/** The value of an order key in a row of `indexFor`. Texts carry no collation yet. */
export function keyExpression(key: PlanKey, collection: number): Expression {
  switch (key.by) {
    case 'publishedAt':
      return sql`published_at`
    case 'startsAt':
      return sql`starts_at`
    case 'title':
      return key.shown === undefined
        ? sql`title`
        : sql`coalesce(${JSON.stringify(key.shown)}::jsonb ->> i.entry_id::text, title)`
    case 'views':
    case 'comments':
    case 'rating':
      return sql.ref(key.by)
    case 'pinned':
      return sql`pinned::integer`
    case 'field': {
      const field = fieldIn(key.column, collection)
      if (field === null) return key.sort === 'text' ? sql`null::text` : sql`null::float8`
      return sql.raw(key.sort === 'text' ? textExpression(field) : numberExpression(field))
    }
    case 'reads':
      return sql`recent.reads`
    case 'shuffle': {
      const { factor, shift } = shuffleOf(key.seed)
      return sql`((place::bigint * ${factor}::bigint + ${shift}::bigint) % ${sql.lit(shuffleModulus)})`
    }
    case 'list':
      return sql`array_position(${sql.val([...key.ids])}::integer[], i.entry_id)`
    case 'weights':
      return key.weights.length === 0
        ? sql`0`
        : sql`(select coalesce(sum(w.weight), 0)::integer from unnest(${sql.val(key.weights.map((one) => one.key))}::integer[], ${sql.val(key.weights.map((one) => one.weight))}::integer[]) w (key, weight) where i.keys @> array[w.key])`
  }
}

/** ISO 8601 day of a midnight UTC. */
export function dayOf(midnight: number): string {
  return new Date(midnight).toISOString().slice(0, 10)
}

function isText(key: PlanKey): boolean {
  return key.by === 'title' || (key.by === 'field' && key.sort === 'text')
}

/** A key's expression or column with the collation that texts are ordered by. */
export function collated(key: PlanKey, expression: Expression, collation: string): Expression {
  return isText(key) ? sql`(${expression} collate ${sql.id(collation)})` : expression
}

/** Which way an order is gone through, besides the directions of its keys. */
export interface Way {
  readonly collation: string
  /** What ties goes by the id and then the date, in this direction. */
  readonly tie: 'up' | 'down'
  /** Where whoever has no value comes: last in the order itself, first where it is gone through from its end. */
  readonly missing: 'first' | 'last'
}

/**
 * Orders by the keys and, for what ties, by the columns that name the row, in the direction of the last key. The first key
 * may be told to have a value in every row, so that an index can serve.
 */
export function orderBy(
  keys: readonly PlanKey[],
  expressions: readonly Expression[],
  { collation, tie, missing: place }: Way,
  firstIsThere: boolean,
  row: readonly Expression[],
): Expression {
  const sorted = keys.map((key, at) => {
    const expression = collated(key, expressions[at] ?? sql`null`, collation)
    const isThere = (at === 0 && firstIsThere) || isNeverMissing(key)
    const missing = isThere ? sql`` : place === 'last' ? sql` nulls last` : sql` nulls first`
    return key.direction === 'up' ? sql`${expression} asc${missing}` : sql`${expression} desc${missing}`
  })
  return sql.join([...sorted, ...row.map((one) => (tie === 'up' ? sql`${one} asc` : sql`${one} desc`))])
}

/** Whether every entry has a value for the key. */
export function isNeverMissing(key: PlanKey): boolean {
  return (
    key.by !== 'startsAt' &&
    key.by !== 'field' &&
    key.by !== 'rating' &&
    key.by !== 'reads' &&
    key.by !== 'list'
  )
}

/**
 * Holds for what follows a position (keyset paging): ties are told apart by the later keys, then by
 * the id.
 */
export function following(
  keys: readonly PlanKey[],
  expressions: readonly Expression[],
  position: Position,
  { collation, tie, missing }: Way,
): Condition {
  if (keys.every((key) => isNeverMissing(key) && key.direction === tie)) {
    // One comparison of rows, from which an index can start.
    const row = [
      ...keys.map((key, at) => collated(key, expressions[at] ?? sql`null`, collation)),
      ...rowName(position),
    ]
    const from = [...keys.map((key, at) => bound(key, position.values[at] ?? 0)), ...rowValues(position)]
    return sql<boolean>`((${sql.join(row)}) ${tie === 'up' ? sql`>` : sql`<`} (${sql.join(from)}))`
  }
  const alternatives: Condition[] = []
  const equal: Condition[] = []
  for (const [at, key] of keys.entries()) {
    const expression = collated(key, expressions[at] ?? sql`null`, collation)
    const value = position.values[at] ?? null
    if (value === null && missing === 'first')
      alternatives.push(conjunction([...equal, sql<boolean>`${expression} is not null`]))
    if (value !== null) {
      const beyond = sql<boolean>`${expression} ${key.direction === 'up' ? sql`>` : sql`<`} ${bound(key, value)}`
      alternatives.push(
        conjunction([
          ...equal,
          isNeverMissing(key) || missing === 'first'
            ? beyond
            : sql<boolean>`(${beyond} or ${expression} is null)`,
        ]),
      )
    }
    equal.push(sameValues([key], [expressions[at] ?? sql`null`], { ...position, values: [value] }, collation))
  }
  const beyond = sql<boolean>`((${sql.join(rowName(position))}) ${tie === 'up' ? sql`>` : sql`<`} (${sql.join(rowValues(position))}))`
  alternatives.push(conjunction([...equal, beyond]))
  const first = keys[0]
  const start = position.values[0] ?? null
  // Says again where the first key begins, in a form that an index can start from.
  const from =
    first === undefined || start === null || !isNeverMissing(first)
      ? sql<boolean>`true`
      : sql<boolean>`${collated(first, expressions[0] ?? sql`null`, collation)} ${first.direction === 'up' ? sql`>=` : sql`<=`} ${bound(first, start)}`
  return sql<boolean>`(${from} and (${sql.join(alternatives, sql` or `)}))`
}

/** What names a row, for comparing it with a position: of an entry that happens, its date too. */
function rowName({ at }: Position): readonly Expression[] {
  return at === null ? [sql`i.entry_id`] : [sql`i.entry_id`, sql`coalesce(i.at, '-infinity')`]
}

function rowValues({ id, at }: Position): readonly Expression[] {
  return at === null ? [sql`${id}::integer`] : [sql`${id}::integer`, sql`${new Date(at)}::timestamptz`]
}

/** Holds for entries that have the very values of a position. */
export function sameValues(
  keys: readonly PlanKey[],
  expressions: readonly Expression[],
  position: Position,
  collation: string,
): Condition {
  return conjunction(
    keys.map((key, at) => {
      const expression = collated(key, expressions[at] ?? sql`null`, collation)
      const value = position.values[at] ?? null
      return value === null
        ? sql<boolean>`${expression} is null`
        : sql<boolean>`${expression} = ${bound(key, value)}`
    }),
  )
}

function conjunction(conditions: readonly Condition[]): Condition {
  return sql<boolean>`(${sql.join([...conditions], sql` and `)})`
}

function bound(key: PlanKey, value: number | string): Expression {
  if (key.by === 'publishedAt' || key.by === 'startsAt') return sql`${new Date(Number(value))}::timestamptz`
  if (typeof value === 'string') return sql`${value}::text`
  return key.by === 'shuffle' ? sql`${value}::bigint` : sql`${value}::float8`
}

/** A value as the database gives it, as positions hold it. */
export function positionValue(value: unknown): number | string | null {
  if (value === null || value === undefined) return null
  if (value instanceof Date) return value.getTime()
  return typeof value === 'string' || typeof value === 'number' ? value : Number(value)
}
