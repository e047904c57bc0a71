import { formatValue } from '../content/field'
import type { Field } from '../content/field'
import type { FieldTypeName } from '../content/fields'
import { limitWords } from '../text/limit-words'
import type { CardEntry } from './card-entry'

/** One thing by which entries are told apart. */
export interface ComparedRow {
  readonly title: string
  /** What each entry has of it, in their order; empty for nothing. */
  readonly values: readonly string[]
  readonly differs: boolean
}

/** What is no few words that stand in a table. */
const untold: readonly FieldTypeName[] = ['picture', 'pictures', 'file', 'reference']
/** So many words of a text stand side by side; they differ by the whole. */
const mostWords = 40

/** What comparisons know of the site. */
export interface ComparisonPlace {
  readonly locale: string
  readonly zone: string
  /** In the order in which their terms are told. */
  readonly facets: readonly { readonly id: number; readonly name: string }[]
}

/**
 * Entries side by side, thing by thing: by the fields of their collections, those of one key and type
 * together, and by the terms of each facet. What none of them has is left out.
 */
export function comparedRows(
  entries: readonly CardEntry[],
  { facets, ...place }: ComparisonPlace,
): readonly ComparedRow[] {
  const fields = fieldsTold(entries).map((field) =>
    rowOf(
      field.name,
      entries.map((entry) => {
        const own = [...entry.fields.values()].find((one) => isLike(one, field))
        return own === undefined ? '' : formatValue(own, entry.values[own.id], place)
      }),
      place.locale,
    ),
  )
  const terms = facets.map(({ id, name }) =>
    rowOf(
      name,
      entries.map((entry) =>
        entry.terms
          .filter((term) => term.facetId === id)
          .map((term) => term.name)
          .join(', '),
      ),
      place.locale,
    ),
  )
  return [...fields, ...terms].filter(({ values }) => values.some((value) => value !== ''))
}

function fieldsTold(entries: readonly CardEntry[]): readonly Field[] {
  const all = entries.flatMap(({ fields }) => [...fields.values()])
  return all.filter(
    (field, at) => !untold.includes(field.type) && all.findIndex((one) => isLike(one, field)) === at,
  )
}

function isLike(one: Field, other: Field): boolean {
  return one.key === other.key && one.type === other.type
}

function rowOf(title: string, values: readonly string[], locale: string): ComparedRow {
  return {
    title,
    values: values.map((value) => limitWords(value, mostWords, locale)),
    differs: new Set(values).size > 1,
  }
}
