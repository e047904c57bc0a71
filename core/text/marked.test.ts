import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { markedPieces } from './marked'
import { searchWords, wantedWords } from './search-words'

const marked = (text: string, words: string, locale = 'en-GB') =>
  markedPieces(text, wantedWords(words, locale), locale)
    .map((piece) => (piece.isFound ? `[${piece.text}]` : piece.text))
    .join('')

describe('what was found in a text', () => {
  it.each([
    ['Leaf mould, eighteen months', 'mould', 'Leaf [mould], eighteen months'],
    ['Leaf mould, eighteen months', 'MOULD leaf', '[Leaf] [mould], eighteen months'],
    ['Éclair beans', 'eclair', '[Éclair] beans'],
    ['A leaflet on leaves', 'leaf', 'A leaflet on leaves'],
    ['It can’t last', 'cant', 'It [can’t] last'],
    ['北京市的种子', '北京', '[北京]市的种子'],
    ['種子', '種', '[種]子'],
    ['Nothing', '', 'Nothing'],
    ['', 'leaf', ''],
  ])('is marked in “%s” for “%s”', (text, words, expected) => {
    expect(marked(text, words)).toBe(expected)
  })

  it('stays apart where the language keeps letters apart', () => {
    expect(marked('Å och a', 'a', 'sv')).toBe('Å och [a]')
  })

  it('leaves the text whole, and is there wherever all the words are', () => {
    const word = fc.constantFrom('leaf', 'Straße', "can't", '北京', 'éclair', '100', 'ガラス', 'oak')
    const texts = fc
      .array(fc.oneof(word, fc.string({ unit: 'grapheme', maxLength: 6 })), { maxLength: 8 })
      .map((all) => all.join(' '))
    fc.assert(
      fc.property(texts, word, (text, asked) => {
        const wanted = wantedWords(asked, 'en')
        const pieces = markedPieces(text, wanted, 'en')
        expect(pieces.map((piece) => piece.text).join('')).toBe(text)
        const isThere = wanted.length > 0 && wanted.every((one) => searchWords(text, 'en').includes(one))
        if (isThere) expect(pieces.some((piece) => piece.isFound)).toBe(true)
        for (const { text: piece } of pieces.filter((one) => one.isFound))
          expect(searchWords(piece, 'en').some((one) => wanted.includes(one))).toBe(true)
      }),
    )
  })
})
