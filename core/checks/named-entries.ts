/** Titles as a sentence names them: “A”, “A” and “B”, “A” and 3 others. */
export function namedEntries(titles: readonly string[]): string {
  const [first = '', second] = titles
  if (second === undefined) return `“${first}”`
  return titles.length === 2 ? `“${first}” and “${second}”` : `“${first}” and ${titles.length - 1} others`
}
