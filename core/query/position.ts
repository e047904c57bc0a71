import type { IndexedEntry } from '../content/entry'
import { keyOfRow } from '../content/row'
import type { Row, RowKey } from '../content/row'
import { titleComparer } from '../text/collation'
import type { PlanKey } from './plan'
import { fieldIn } from '../rules/predicate'
import { placeOfEntry, rankOf, shuffleOf } from './shuffle'

/** Where a row stands in an order: its value for every key (null for none), and its name for what ties. */
export interface Position extends RowKey {
  readonly values: readonly (number | string | null)[]
}

/** Tells the position of rows in an order. */
export function positionReader(order: readonly PlanKey[]): (row: Row) => Position {
  const readers = order.map(valueReader)
  return (row) => ({ values: readers.map((read) => read(row)), ...keyOfRow(row) })
}

/** How often an entry was read on these days, both included. */
export function readsIn(
  { reads }: IndexedEntry,
  { since, until }: { readonly since: number; readonly until: number },
): number {
  return reads.reduce((sum, one) => (one.day >= since && one.day <= until ? sum + one.count : sum), 0)
}

function valueReader(key: PlanKey): (row: Row) => number | string | null {
  if (key.by === 'startsAt') return ({ occurrence }) => occurrence?.startsAt ?? null
  const read = entryReader(key)
  return ({ entry }) => read(entry)
}

function entryReader(
  key: Exclude<PlanKey, { readonly by: 'startsAt' }>,
): (entry: IndexedEntry) => number | string | null {
  switch (key.by) {
    case 'pinned':
      return (entry) => Number(entry.pinned)
    case 'field':
      return (entry) => {
        const field = fieldIn(key.column, entry.collectionId)
        const value = field === null ? undefined : entry.values[field]
        return typeof value === (key.sort === 'number' ? 'number' : 'string') ? (value ?? null) : null
      }
    case 'reads':
      return (entry) => {
        const counted = readsIn(entry, key)
        return counted === 0 ? null : counted
      }
    case 'shuffle': {
      const shuffle = shuffleOf(key.seed)
      return (entry) => rankOf(placeOfEntry(entry.id), shuffle)
    }
    case 'list': {
      // From 1, as the database counts.
      const places = new Map(key.ids.map((id, at) => [id, at + 1]))
      return (entry) => places.get(entry.id) ?? null
    }
    case 'title':
      return (entry) => key.shown?.[entry.id] ?? entry.title
    case 'weights':
      return (entry) =>
        key.weights.reduce((sum, one) => (entry.keys.includes(one.key) ? sum + one.weight : sum), 0)
    default: {
      const { by } = key
      return (entry) => entry[by]
    }
  }
}

/** Compares positions: negative when the first comes first. `locale` decides how texts are ordered. */
export function positionComparer(
  order: readonly PlanKey[],
  locale: string,
): (a: Position, b: Position) => number {
  const texts = titleComparer(locale)
  const last = order.at(-1)?.direction ?? 'down'
  return (a, b) => {
    for (const [at, { direction }] of order.entries()) {
      const compared = compareValues(a.values[at] ?? null, b.values[at] ?? null, direction, texts)
      if (compared !== 0) return compared
    }
    const tied = a.id - b.id || (a.at ?? 0) - (b.at ?? 0)
    return last === 'up' ? tied : -tied
  }
}

function compareValues(
  a: number | string | null,
  b: number | string | null,
  direction: 'up' | 'down',
  texts: (a: string, b: string) => number,
): number {
  if (a === null || b === null) return a === b ? 0 : a === null ? 1 : -1
  const rising = typeof a === 'string' || typeof b === 'string' ? texts(String(a), String(b)) : a - b
  return direction === 'up' ? rising : -rising
}
