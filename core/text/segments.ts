/** A piece of a text between two word boundaries. */
export interface Segment {
  readonly text: string
  /** Where it begins, in UTF-16 units. */
  readonly index: number
  /** Whether it is a word, and not a space or punctuation. */
  readonly isWord: boolean
}

/**
 * As many UTF-16 units are cut at once at most: every segment that Intl hands out holds on to the
 * whole text it was cut from.
 */
const longestPiece = 4096

const segmenters = new Map<string, Intl.Segmenter>()

function segmenterFor(locale: string): Intl.Segmenter {
  const known = segmenters.get(locale) ?? new Intl.Segmenter(locale, { granularity: 'word' })
  segmenters.set(locale, known)
  return known
}

/**
 * The segments of a text, one after the other: by the word boundaries of Unicode Standard Annex #29
 * (section 4) through Intl.Segmenter, in time and memory that grow with the text and no faster. Words
 * of more than 4,096 UTF-16 units are cut.
 */
export function* segmentsOf(text: string, locale: string): Generator<Segment> {
  const segmenter = segmenterFor(locale)
  for (let from = 0; from < text.length;) {
    const { piece, isWhole } = pieceAt(text, from)
    const cut = [...segmenter.segment(piece)]
    // What the end of a piece may have cut through is cut anew with what follows it.
    const certain = isWhole || cut.length === 1 ? cut : cut.slice(0, -1)
    for (const { segment, index, isWordLike } of certain)
      yield { text: segment, index: from + index, isWord: isWordLike === true }
    const last = certain.at(-1)
    from += last === undefined ? piece.length : last.index + last.segment.length
  }
}

/**
 * A boundary by rule whatever stands around it: after a space, before a letter or a digit (WB3a,
 * WB3b, WB999).
 */
const afterSpace = /\s(?=[\p{L}\p{Nd}])/gu

/** The next piece of a text; `isWhole` where its end is certainly a boundary. */
function pieceAt(text: string, from: number): { readonly piece: string; readonly isWhole: boolean } {
  if (text.length - from <= longestPiece) return { piece: text.slice(from), isWhole: true }
  const ahead = text.slice(from, from + longestPiece + 1)
  const space = [...ahead.slice(longestPiece / 2).matchAll(afterSpace)].at(-1)
  if (space !== undefined) return { piece: ahead.slice(0, longestPiece / 2 + space.index + 1), isWhole: true }
  const splitsPair = /[\uD800-\uDBFF]/.test(ahead.charAt(longestPiece - 1))
  return { piece: ahead.slice(0, splitsPair ? longestPiece - 1 : longestPiece), isWhole: false }
}

/**
 * What is one word in every language, as nearly all of a Latin text is: plain letters between two
 * spaces or line ends, with marks before or after them and none within (WB5, WB999).
 */
const plainWord = /(?<![^ \n])[("'[]*([A-Za-z]+)[.,;:!?"')\]]*(?![^ \n])/g

/** The words of a text, one after the other. Plain ones are told by their form, ten times as quickly. */
export function* wordsIn(text: string, locale: string): Generator<Segment> {
  let from = 0
  for (const found of text.matchAll(plainWord)) {
    const [all, word = ''] = found
    yield* otherWords(text, from, found.index, locale)
    yield { text: word, index: found.index + all.search(/[A-Za-z]/), isWord: true }
    from = found.index + all.length
  }
  yield* otherWords(text, from, text.length, locale)
}

function* otherWords(text: string, from: number, to: number, locale: string): Generator<Segment> {
  const between = text.slice(from, to)
  if (between.trim() === '') return
  for (const segment of segmentsOf(between, locale))
    if (segment.isWord) yield { ...segment, index: from + segment.index }
}
