/**
 * Compares titles by the collation of `locale` (CLDR), numbers in them by value, and those that it holds
 * to be equal by
 * their UTF-8 bytes: the order PostgreSQL's deterministic ICU collations promise. Where the two
 * ICUs are of different versions, characters that Unicode added or weighed anew in between
 * (archaic numerals, mostly) may fall elsewhere.
 */
export function titleComparer(locale: string): (a: string, b: string) => number {
  const collator = new Intl.Collator(locale, { numeric: true })
  return (a, b) => collator.compare(a, b) || compareCodePoints(a, b)
}

/** UTF-8 keeps the order of code points; UTF-16 units, which `<` compares, don't. */
function compareCodePoints(a: string, b: string): number {
  const left = Array.from(a)
  const right = Array.from(b)
  for (let at = 0; at < Math.min(left.length, right.length); at += 1) {
    const difference = (left[at]?.codePointAt(0) ?? 0) - (right[at]?.codePointAt(0) ?? 0)
    if (difference !== 0) return difference
  }
  return left.length - right.length
}
