import { searchWords } from './search-words'

/** What of an entry words stand in, besides its fields. */
export const wordParts = ['title', 'summary', 'text'] as const

/** A part of an entry, or a field of it, by the id under which it is stored. */
export type WordPlace = (typeof wordParts)[number] | number

/** What is written in an entry. */
export interface PlacedTexts {
  readonly title: string
  readonly summary: string
  readonly text: string
  readonly fields: ReadonlyMap<number, string>
}

/**
 * The words by which an entry is found, and besides, where they stand: those of its title, its summary and its
 * fields once more behind the name of the place, “title frost”, since no word has a space. Most stand in the
 * text; named are those that do not: “- frost”.
 */
export function placedWords(
  { title, summary, text, fields }: PlacedTexts,
  locale: string,
): readonly string[] {
  const inText = new Set(searchWords(text, locale))
  const places = [['title', title], ['summary', summary], ...fields] as const
  const placed = places.map(([place, written]) => [place, searchWords(written, locale)] as const)
  const all = new Set([...inText, ...placed.flatMap(([, words]) => words)])
  return [
    ...all,
    ...placed.flatMap(([place, words]) => words.map((word) => wordAt(place, word))),
    ...[...all].filter((word) => !inText.has(word)).map(wordOutsideText),
  ]
}

/** A word behind the name of where it stands. */
export function wordAt(place: Exclude<WordPlace, 'text'>, word: string): string {
  return `${place} ${word}`
}

/** A word that does not stand in the text. */
export function wordOutsideText(word: string): string {
  return `- ${word}`
}

/** Whether an entry of these placed words has a word; in one of some places, where such are given. */
export function hasWord(placed: readonly string[], word: string, within?: readonly WordPlace[]): boolean {
  if (!placed.includes(word)) return false
  return (
    within === undefined ||
    within.some((place) =>
      place === 'text' ? !placed.includes(wordOutsideText(word)) : placed.includes(wordAt(place, word)),
    )
  )
}
