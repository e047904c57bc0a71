import { wordsIn } from './segments'

/**
 * The first `most` words of `text`, with an ellipsis when something was left out. Words are those
 * of Unicode Standard Annex #29 (section 4), through the platform's Intl.Segmenter, so scripts
 * without spaces are counted too. Punctuation that directly follows the last word is dropped
 * before the ellipsis. `most` below 1 gives an empty text.
 */
export function limitWords(text: string, most: number, locale: string): string {
  const trimmed = text.trim()
  if (most < 1) return ''
  let words = 0
  let end = 0
  for (const word of wordsIn(trimmed, locale)) {
    words += 1
    if (words > most) return `${trimmed.slice(0, end)}…`
    end = word.index + word.text.length
  }
  return trimmed
}
