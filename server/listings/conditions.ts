import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'
import { textKey } from '../../core/content/field'
import { fieldIn, textWanted } from '../../core/rules/predicate'
import type { Predicate, RangeValue } from '../../core/rules/predicate'
import { wordAt, wordOutsideText } from '../../core/text/placed-words'
import type { WordPlace } from '../../core/text/placed-words'
import { numberExpression } from '../content/field-indexes'

export type Condition = RawBuilder<boolean>

/**
 * A predicate as a condition on the rows of a collection in entry_index, named `i`, and where it asks
 * when they happen, on the occurrences nearest to it. It may be null where the predicate fails.
 */
export function conditionOf(predicate: Predicate, collection: number): Condition {
  switch (predicate.test) {
    case 'all':
      return allOf(predicate.of.map((one) => conditionOf(one, collection)))
    case 'any':
      return predicate.of.length === 0
        ? sql<boolean>`false`
        : sql<boolean>`(${sql.join(
            predicate.of.map((one) => conditionOf(one, collection)),
            sql` or `,
          )})`
    case 'not':
      return sql<boolean>`(${conditionOf(predicate.of, collection)}) is not true`
    case 'anyKey':
      return predicate.keys.length === 0
        ? sql<boolean>`false`
        : sql<boolean>`keys && ${sql.val([...predicate.keys])}::integer[]`
    case 'allKeys':
      return predicate.keys.length === 0
        ? sql<boolean>`false`
        : sql<boolean>`keys @> ${sql.val([...predicate.keys])}::integer[]`
    case 'visible': {
      const at = sql`${new Date(predicate.at)}::timestamptz`
      return sql<boolean>`(published_at <= ${at} and (expires_at is null or expires_at > ${at}))`
    }
    case 'between':
      return betweenCondition(predicate, collection)
    case 'text': {
      const field = fieldIn(predicate.value, collection)
      return field === null
        ? sql<boolean>`false`
        : sql<boolean>`strpos(sort_values ->> ${sql.lit(textKey(field, predicate.form))}, ${textWanted(predicate)}) > 0`
    }
    case 'words':
      return predicate.words.length === 0
        ? sql<boolean>`false`
        : sql<boolean>`i.entry_id in (select w.entry_id from entry_words w where ${wordsCondition(predicate)})`
    case 'ids':
      return predicate.ids.length === 0
        ? sql<boolean>`false`
        : sql<boolean>`i.entry_id = any(${sql.val([...predicate.ids])}::integer[])`
  }
}

/** Holds where every condition holds; true when there is none. */
export function allOf(conditions: readonly Condition[]): Condition {
  return conditions.length === 0
    ? sql<boolean>`true`
    : sql<boolean>`(${sql.join([...conditions], sql` and `)})`
}

function wordsCondition({ words, within }: Extract<Predicate, { test: 'words' }>): Condition {
  const all = sql<boolean>`w.words @> ${textsOf(words)}`
  return within === undefined ? all : allOf([all, ...words.map((word) => placedCondition(word, within))])
}

/** Holds where a word that an entry has stands in one of the places. */
function placedCondition(word: string, within: readonly WordPlace[]): Condition {
  const named = within.flatMap((place) => (place === 'text' ? [] : [wordAt(place, word)]))
  const isNamed = sql<boolean>`w.words && ${textsOf(named)}`
  return within.includes('text')
    ? sql<boolean>`(${isNamed} or not w.words @> ${textsOf([wordOutsideText(word)])})`
    : isNamed
}

function textsOf(texts: readonly string[]): RawBuilder<unknown> {
  return sql`${sql.val([...texts])}::text[]`
}

function betweenCondition(predicate: Extract<Predicate, { test: 'between' }>, collection: number): Condition {
  const column = columnFor(predicate.value, collection)
  if (column === null) return sql<boolean>`false`
  const limit = (number: number) =>
    typeof predicate.value === 'string' && predicate.value !== 'views'
      ? sql`${new Date(number)}::timestamptz`
      : sql`${number}::float8`
  const limits = [
    ...(predicate.from === null ? [] : [sql<boolean>`${column} >= ${limit(predicate.from)}`]),
    ...(predicate.to === null ? [] : [sql<boolean>`${column} <= ${limit(predicate.to)}`]),
    ...(predicate.before === null ? [] : [sql<boolean>`${column} < ${limit(predicate.before)}`]),
  ]
  return limits.length === 0 ? sql<boolean>`${column} is not null` : allOf(limits)
}

/** What holds a value of the rows of a collection; null where they have none. */
export function columnFor(value: RangeValue, collection: number): RawBuilder<unknown> | null {
  if (value === 'publishedAt') return sql`published_at`
  if (value === 'expiresAt') return sql`expires_at`
  if (value === 'views') return sql`views`
  if (value === 'startsAt') return sql`starts_at`
  if (value === 'endsAt') return sql`ends_at`
  const field = fieldIn(value, collection)
  return field === null ? null : sql.raw(numberExpression(field))
}
