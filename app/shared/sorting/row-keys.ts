import { computed } from 'vue'
import type { ComputedRef } from 'vue'

export interface KeyedRows {
  readonly texts: readonly string[]
  readonly keys: readonly number[]
}

/**
 * Keys for rows that have no name of their own, so that a row stays the same while it is edited and
 * wherever it is moved: what is equal to a row before keeps its key, what is left over at a place
 * takes the key that nothing else took there, and what is new gets a new one.
 */
export function keyedRows(before: KeyedRows, texts: readonly string[], fresh: () => number): KeyedRows {
  const free = before.keys.map((key, at) => ({ key, at, text: before.texts[at] }))
  const take = (isIt: (one: (typeof free)[number]) => boolean): number | undefined => {
    const found = free.findIndex(isIt)
    return found === -1 ? undefined : free.splice(found, 1)[0]?.key
  }
  const equal = texts.map(
    (text, at) =>
      take((one) => one.at === at && one.text === text) ??
      (before.texts[at] === text ? undefined : take((one) => one.text === text && texts[one.at] !== text)),
  )
  const keys = equal.map((key, at) => key ?? take((one) => one.at === at) ?? fresh())
  return { texts, keys }
}

/** The keys of the rows of a list, in its order. */
export function useRowKeys(items: () => readonly unknown[]): ComputedRef<readonly number[]> {
  let rows: KeyedRows = { texts: [], keys: [] }
  let last = 0
  return computed(() => {
    rows = keyedRows(
      rows,
      items().map((item) => JSON.stringify(item)),
      () => (last += 1),
    )
    return rows.keys
  })
}
