import type { RowKey } from '~~/core/content/row'

/** The entries of an answer’s rows, in order. */
export function idsOf({ rows }: { readonly rows: readonly RowKey[] }): readonly number[] {
  return rows.map((row) => row.id)
}
