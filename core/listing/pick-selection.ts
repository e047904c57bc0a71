/** Entries chosen in a list: in the order of choosing, with where the last stretch began. */
export interface Selection {
  readonly chosen: readonly number[]
  /** Where a stretch begins that Shift ends; null before anything was pressed. */
  readonly anchor: number | null
}

export const nothingChosen: Selection = { chosen: [], anchor: null }

/**
 * The selection after a press on an entry of `list`: with it, or without it where it was chosen; with
 * Shift, with the whole stretch from where the last one began.
 */
export function afterPress(
  { chosen, anchor }: Selection,
  list: readonly number[],
  id: number,
  keys: { readonly shift: boolean },
): Selection {
  const start = anchor === null ? -1 : list.indexOf(anchor)
  if (!keys.shift || start === -1)
    return { chosen: chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id], anchor: id }
  const end = list.indexOf(id)
  const stretch = start <= end ? list.slice(start, end + 1) : list.slice(end, start + 1).toReversed()
  return { chosen: [...chosen.filter((one) => !stretch.includes(one)), ...stretch], anchor }
}
