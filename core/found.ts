/** What can be found by any word in it: where it is opened is said by whoever asks. */
export type FoundKind = 'page' | 'listing' | 'collection' | 'entry' | 'term' | 'author'

export interface FoundThing {
  readonly kind: FoundKind
  readonly title: string
  /** Where it is: a page's address, a listing's page, an entry's collection, a term's facet. */
  readonly within: string
  /** Where it is opened in the bench. */
  readonly to: string
}

/** The words that were typed, in small letters without accents, so many at most. */
export function typedWords(typed: string): readonly string[] {
  return plainLetters(typed)
    .split(/\s+/)
    .filter((word) => word !== '')
    .slice(0, 8)
}

/** A text in small letters without accents. */
export function plainLetters(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{Mn}/gu, '')
    .toLowerCase()
}

/** Whether every word stands somewhere in one of the texts. */
export function hasWords(words: readonly string[], texts: readonly string[]): boolean {
  const all = plainLetters(texts.join(' '))
  return words.every((word) => all.includes(word))
}

/**
 * How well a title answers what was typed, the better the smaller: it is that, it begins with it, a word
 * of it does, it has it somewhere, or the words stand elsewhere.
 */
export function distanceOf(title: string, typed: string): number {
  const [has, wanted] = [plainLetters(title), plainLetters(typed.trim())]
  if (has === wanted) return 0
  if (has.startsWith(wanted)) return 1
  if (has.includes(` ${wanted}`)) return 2
  return has.includes(wanted) ? 3 : 4
}
