import { folded } from './folding'
import { searchWords, unspaced } from './search-words'
import { wordsIn } from './segments'

/** A piece of a text, and whether it is of what was looked for. */
export interface MarkedPiece {
  readonly text: string
  readonly isFound: boolean
}

/** From where to where a text is marked, in UTF-16 units. */
interface Mark {
  readonly from: number
  readonly before: number
}

const letters = /\P{M}\p{M}*/gu

/**
 * A text in pieces, whole where they are joined: those by which it is found when these words are looked
 * for, as `wantedWords` gives them, and what lies between.
 */
export function markedPieces(
  text: string,
  wanted: readonly string[],
  locale: string,
): readonly MarkedPiece[] {
  if (wanted.length === 0) return [{ text, isFound: false }]
  const words = new Set(wanted)
  const pieces: MarkedPiece[] = []
  let from = 0
  for (const mark of joined([...wordMarks(text, words, locale), ...letterMarks(text, words, locale)])) {
    if (mark.from > from) pieces.push({ text: text.slice(from, mark.from), isFound: false })
    pieces.push({ text: text.slice(mark.from, mark.before), isFound: true })
    from = mark.before
  }
  if (from < text.length || pieces.length === 0) pieces.push({ text: text.slice(from), isFound: false })
  return pieces
}

/** Whole words of scripts with spaces. */
function* wordMarks(text: string, words: ReadonlySet<string>, locale: string): Generator<Mark> {
  for (const { text: word, index } of wordsIn(text, locale))
    if (searchWords(word, locale).some((one) => isSpaced(one) && words.has(one)))
      yield { from: index, before: index + word.length }
}

/** Letters and neighbours of scripts without. */
function* letterMarks(text: string, words: ReadonlySet<string>, locale: string): Generator<Mark> {
  const wanted = new Set([...words].filter((one) => !isSpaced(one)))
  if (wanted.size === 0) return
  const found = [...text.matchAll(letters)].map((one) => ({ letter: one[0], index: one.index }))
  for (const [at, { letter, index }] of found.entries()) {
    const next = found[at + 1]
    if (wanted.has(folded(letter, locale))) yield { from: index, before: index + letter.length }
    if (next !== undefined && wanted.has(folded(letter + next.letter, locale)))
      yield { from: index, before: next.index + next.letter.length }
  }
}

/** Whether a word is of a script that is written with spaces. */
function isSpaced(word: string): boolean {
  return !unspaced.test(word)
}

/** Marks in order, with those that touch or overlap as one. */
function joined(marks: readonly Mark[]): readonly Mark[] {
  const all: Mark[] = []
  for (const mark of marks.toSorted((one, other) => one.from - other.from)) {
    const last = all.at(-1)
    if (last !== undefined && mark.from <= last.before)
      all[all.length - 1] = { from: last.from, before: Math.max(last.before, mark.before) }
    else all.push(mark)
  }
  return all
}
