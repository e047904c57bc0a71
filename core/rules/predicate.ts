import type { Row } from '../content/row'
import { textKey } from '../content/field'
import { hasWord } from '../text/placed-words'
import type { WordPlace } from '../text/placed-words'

/** A field, by its id in each of the collections that have it: theirs share key and type. */
export interface FieldColumn {
  readonly fields: readonly { readonly collection: number; readonly field: number }[]
}

/** The typed values of a row that ranges may be asked of; `startsAt` and `endsAt` of its occurrence. */
export type RangeValue = 'publishedAt' | 'expiresAt' | 'views' | 'startsAt' | 'endsAt' | FieldColumn

/** A condition in its plainest form. Engines know these and nothing of rules. */
export type Predicate =
  /** All, any or not of other conditions. All of none: everything passes; any of none: nothing. */
  | { readonly test: 'all' | 'any'; readonly of: readonly Predicate[] }
  | { readonly test: 'not'; readonly of: Predicate }
  /** Has any of the keys, or all of them. No keys: nothing passes. */
  | { readonly test: 'anyKey' | 'allKeys'; readonly keys: readonly number[] }
  /** Shown to visitors at this instant (epoch milliseconds): begun, and not expired. */
  | { readonly test: 'visible'; readonly at: number }
  /** Has a value that lies between the limits; null is no limit. */
  | {
      readonly test: 'between'
      readonly value: RangeValue
      /** Included. */
      readonly from: number | null
      /** Included. */
      readonly to: number | null
      /** Not included. */
      readonly before: number | null
    }
  /** Has a field of which a text is, begins with or contains the text; both folded, or both as they are. */
  | {
      readonly test: 'text'
      readonly value: FieldColumn
      readonly how: TextMatch
      readonly form: 'folded' | 'exact'
      readonly text: string
    }
  /** Has all of the words, each in one of some places where such are named. */
  | {
      readonly test: 'words'
      readonly words: readonly string[]
      readonly within?: readonly WordPlace[]
    }
  | { readonly test: 'ids'; readonly ids: readonly number[] }

export type TextMatch = 'equal' | 'begins' | 'contains'

export const everything: Predicate = { test: 'all', of: [] }
export const nothing: Predicate = { test: 'any', of: [] }

/** Whether a row passes. */
export function passes(predicate: Predicate, row: Row): boolean {
  const { entry } = row
  switch (predicate.test) {
    case 'all':
      return predicate.of.every((one) => passes(one, row))
    case 'any':
      return predicate.of.some((one) => passes(one, row))
    case 'not':
      return !passes(predicate.of, row)
    case 'anyKey':
      return predicate.keys.some((key) => entry.keys.includes(key))
    case 'allKeys':
      return predicate.keys.length > 0 && predicate.keys.every((key) => entry.keys.includes(key))
    case 'visible':
      return entry.publishedAt <= predicate.at && (entry.expiresAt === null || entry.expiresAt > predicate.at)
    case 'between': {
      const value = numberOf(predicate.value, row)
      return (
        value !== null &&
        (predicate.from === null || value >= predicate.from) &&
        (predicate.to === null || value <= predicate.to) &&
        (predicate.before === null || value < predicate.before)
      )
    }
    case 'text': {
      const field = fieldIn(predicate.value, entry.collectionId)
      const text = field === null ? undefined : entry.values[textKey(field, predicate.form)]
      return typeof text === 'string' && text.includes(textWanted(predicate))
    }
    case 'words':
      return (
        predicate.words.length > 0 &&
        predicate.words.every((word) => hasWord(entry.words, word, predicate.within))
      )
    case 'ids':
      return predicate.ids.includes(entry.id)
  }
}

/** The id that a column has in a collection, or null where that collection has no such field. */
export function fieldIn(column: FieldColumn, collection: number): number | null {
  return column.fields.find((one) => one.collection === collection)?.field ?? null
}

function numberOf(value: RangeValue, { entry, occurrence }: Row): number | null {
  if (value === 'startsAt' || value === 'endsAt') return occurrence?.[value] ?? null
  if (typeof value === 'string') return entry[value]
  const field = fieldIn(value, entry.collectionId)
  const number = field === null ? undefined : entry.values[field]
  return typeof number === 'number' ? number : null
}

/**
 * What the lines of a field's texts must contain, so that one of them is, begins with or contains
 * what is asked for.
 */
export function textWanted({ how, text }: { readonly how: TextMatch; readonly text: string }): string {
  if (how === 'contains') return text
  return how === 'begins' ? `\n${text}` : `\n${text}\n`
}
