import { folded } from './folding'
import { wordsIn } from './segments'

/** Longer words are found by their beginning. Characters, not UTF-16 units: none is cut in two. */
const longestWord = 40

/**
 * Scripts that are written without spaces: where words end in them is a guess, and compounds hide
 * their parts.
 */
export const unspaced =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}ー]/u
/** A letter of them with its marks. */
const unspacedLetter = new RegExp(`${unspaced.source}\\p{M}*`, 'gu')
const runs = new RegExp(`(?:${unspaced.source}\\p{M}*)+`, 'gu')

/**
 * The words by which a text is found: different ones, folded; words by Unicode UAX #29 in the
 * language's own way. Where a script has no spaces, every letter and every two neighbours, so that
 * 北京 is found in 北京市 wherever its words are taken to end.
 */
export function searchWords(text: string, locale: string): readonly string[] {
  const plain = folded(text, locale)
  const found = new Set<string>()
  for (const word of spacedWords(plain, locale)) found.add(word)
  for (const letters of unspacedRuns(plain))
    for (const one of [...letters, ...neighbours(letters)]) found.add(one)
  return [...found]
}

/**
 * The words that a text must hold to be found by these: as `searchWords`, but of a script without
 * spaces only neighbours, where there are any.
 */
export function wantedWords(text: string, locale: string): readonly string[] {
  const plain = folded(text, locale)
  const wanted = new Set<string>(spacedWords(plain, locale))
  for (const letters of unspacedRuns(plain))
    for (const one of letters.length === 1 ? letters : neighbours(letters)) wanted.add(one)
  return [...wanted]
}

function* spacedWords(plain: string, locale: string): Generator<string> {
  // A word may hold an apostrophe, but what it says is the same without: can't, cant.
  for (const { text } of wordsIn(plain.replace(runs, ' '), locale))
    yield beginningOf(text.replaceAll("'", ''))
}

function beginningOf(word: string): string {
  return word.length <= longestWord ? word : Array.from(word).slice(0, longestWord).join('')
}

function unspacedRuns(plain: string): readonly (readonly string[])[] {
  return (plain.match(runs) ?? []).map((run) => run.match(unspacedLetter) ?? [])
}

function neighbours(letters: readonly string[]): readonly string[] {
  return letters.slice(1).map((letter, at) => `${letters[at] ?? ''}${letter}`)
}
