/** The list with what stands at `at` moved by so many places; unchanged where that leads out of it. */
export function withMoved<T>(list: readonly T[], at: number, by: number): readonly T[] {
  const [moved, to] = [list[at], at + by]
  if (moved === undefined || to < 0 || to >= list.length) return list
  return list.toSpliced(at, 1).toSpliced(to, 0, moved)
}

/**
 * What came into a list, or was moved within it, and where it stands now; null where neither happened,
 * as in the list that something left. Of two neighbours that changed places, either tells it all.
 */
export function movedInto<T>(before: readonly T[], after: readonly T[]): { item: T; at: number } | null {
  if (after.length < before.length) return null
  const found =
    after.find((one) => !before.includes(one)) ??
    after.find((one, at) => before[at] !== one && before[at + 1] !== one) ??
    after.find((one, at) => before[at] !== one)
  return found === undefined ? null : { item: found, at: after.indexOf(found) }
}
