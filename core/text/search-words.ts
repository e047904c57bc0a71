/** A text as searching compares it: without accents and case, in compatible forms (Unicode NFKD), spaces single. */
export function folded(text: string): string {
  return text.normalize('NFKD').replace(/\p{M}+/gu, '').toLowerCase().replace(/\s+/gu, ' ').trim()
}

/** Longer words are found by their beginning. */
const longestWord = 40

/** The different words of a text, folded; word limits by Unicode UAX #29 in the language's own way. */
export function searchWords(text: string, locale: string): readonly string[] {
  const segmenter = new Intl.Segmenter(locale, { granularity: 'word' })
  const words = [...segmenter.segment(folded(text))].flatMap((one) => (one.isWordLike ? [one.segment.slice(0, longestWord)] : []))
  return [...new Set(words)]
}
