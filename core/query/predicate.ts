import type { IndexedEntry } from '../content/entry'

/** The typed values of an entry that ranges may be asked of. */
export type RangeValue = 'publishedAt' | 'views'

/** A condition in its plainest form. Engines know these and nothing of rules. */
export type Predicate =
  | {
      /** Has any of the keys. No keys: nothing passes. */
      readonly test: 'anyKey'
      readonly keys: readonly number[]
    }
  | {
      /** Shown to visitors at this instant: begun, and not expired. */
      readonly test: 'visible'
      /** Epoch milliseconds. */
      readonly at: number
    }
  | {
      /** Lies between the limits, both included; null is no limit. */
      readonly test: 'between'
      readonly value: RangeValue
      readonly from: number | null
      readonly to: number | null
    }

/** Whether an entry passes. */
export function passes(predicate: Predicate, entry: IndexedEntry): boolean {
  switch (predicate.test) {
    case 'anyKey':
      return predicate.keys.some((key) => entry.keys.includes(key))
    case 'visible':
      return entry.publishedAt <= predicate.at && (entry.expiresAt === null || entry.expiresAt > predicate.at)
    case 'between': {
      const value = entry[predicate.value]
      return (
        (predicate.from === null || value >= predicate.from) &&
        (predicate.to === null || value <= predicate.to)
      )
    }
  }
}
