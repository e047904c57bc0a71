/**
 * Words a minute in silent reading of English non-fiction: M. Brysbaert (2019), How many words do we
 * read per minute? A review and meta-analysis of reading rate, Journal of Memory and Language 109,
 * 104047.
 */
export const wordsPerMinute = 238

/** Minutes it takes to read a text, rounded up; 0 for none. Words are those of UAX #29 through Intl.Segmenter. */
export function readingMinutes(text: string, locale: string, pace = wordsPerMinute): number {
  return Math.ceil(wordCount(text, locale) / pace)
}

/** How many words a text has, after UAX #29. */
export function wordCount(text: string, locale: string): number {
  let words = 0
  for (const segment of new Intl.Segmenter(locale, { granularity: 'word' }).segment(text)) if (segment.isWordLike) words += 1
  return words
}
