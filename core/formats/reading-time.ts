import { wordsIn } from '../text/segments'

/**
 * Words a minute in silent reading of English non-fiction: M. Brysbaert (2019), How many words do we
 * read per minute? A review and meta-analysis of reading rate, Journal of Memory and Language 109,
 * 104047.
 */
export const wordsPerMinute = 238

/** Minutes it takes to read so many words, rounded up; 0 for none. */
export function readingMinutes(words: number, pace = wordsPerMinute): number {
  return Math.ceil(words / pace)
}

/** How many words a text has, after UAX #29. */
export function wordCount(text: string, locale: string): number {
  let words = 0
  const counting = wordsIn(text, locale)
  while (counting.next().done !== true) words += 1
  return words
}
