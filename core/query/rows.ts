import { rowOf } from '../content/row'
import type { Row } from '../content/row'
import type { IndexedEntry } from '../content/entry'
import type { Occurrence } from '../time/occurrences'

/**
 * What a plan shows: entries; every time that they happen; or each once, at its next time by `now`
 * (epoch milliseconds), or its last where none comes any more. What does not happen is one row.
 */
export type RowsOf = { readonly of: 'entries' | 'dates' } | { readonly of: 'next'; readonly now: number }

/** The rows of entries; `dates` tells when they happen. */
export function rowsOf(
  rows: RowsOf,
  entries: readonly IndexedEntry[],
  dates: (entry: number) => readonly Occurrence[],
): readonly Row[] {
  if (rows.of === 'entries') return entries.map(rowOf)
  return entries.flatMap((entry): readonly Row[] => {
    const all = dates(entry.id)
    return all.length === 0 ? [rowOf(entry)] : all.map((occurrence) => ({ entry, occurrence }))
  })
}

/** Of the rows that pass, those that are shown: where each entry comes once, its next. */
export function shownOf(rows: RowsOf, passing: readonly Row[]): readonly Row[] {
  if (rows.of !== 'next') return passing
  const chosen = new Map<number, Row>()
  for (const row of passing) {
    const other = chosen.get(row.entry.id)
    if (other === undefined || comesSooner(row, other, rows.now)) chosen.set(row.entry.id, row)
  }
  return passing.filter((row) => chosen.get(row.entry.id) === row)
}

/** Whether the first of two rows of an entry is nearer: what is not over before what is, the next, the last. */
function comesSooner({ occurrence: a }: Row, { occurrence: b }: Row, now: number): boolean {
  if (a === null || b === null) return false
  const [isOver, otherIsOver] = [a.endsAt <= now, b.endsAt <= now]
  if (isOver !== otherIsOver) return otherIsOver
  const sooner = a.startsAt - b.startsAt || a.key - b.key
  return isOver ? sooner > 0 : sooner < 0
}
