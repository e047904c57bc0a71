import { describe, expect, it } from 'vitest'
import { folded, searchWords } from './search-words'

describe('the words that are searched', () => {
  it.each([
    ['Éclairs & Zürich’s 10 beans', ['eclairs', 'zurich’s', '10', 'beans']],
    ['bean BEAN Beän', ['bean']],
    // Scripts without spaces are parted by the language's dictionary (UAX #29, through Intl.Segmenter).
    ['種子を播く', ['種子', 'を', '播く']],
    ['🌱 — …', []],
    ['שלום עולם', ['שלום', 'עולם']],
  ])('of “%s”', (text, words) => {
    expect(searchWords(text, 'ja')).toEqual(words)
  })

  it('compare without accents, case and doubled spaces', () => {
    expect(folded('  Ａpple\n\tJÜICE ')).toBe('apple juice')
  })
})
