import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { titleComparer } from './collation'
import { limitWords } from './limit-words'

function countWords(text: string, locale: string) {
  return [...new Intl.Segmenter(locale, { granularity: 'word' }).segment(text)].filter(
    (one) => one.isWordLike,
  ).length
}

// Words are those of Unicode Standard Annex #29, which Intl.Segmenter implements.
describe('limiting words', () => {
  it.each([
    ['A wire pen, one wet autumn.', 3, 'en', 'A wire pen…'],
    ['A wire pen.', 3, 'en', 'A wire pen.'],
    ['The 3.5 litre can’t-fail jar', 3, 'en', 'The 3.5 litre…'],
    ['👩‍🌾 grows beans well', 2, 'en', '👩‍🌾 grows beans…'],
    ['', 3, 'en', ''],
    ['anything', 0, 'en', ''],
  ])('%s, %i words', (text, most, locale, expected) => {
    expect(limitWords(text, most, locale)).toBe(expected)
  })

  it('counts words of a script without spaces', () => {
    const text = '私は庭で豆を育てています'
    const limited = limitWords(text, 3, 'ja')
    expect(limited.endsWith('…')).toBe(true)
    expect(countWords(limited, 'ja')).toBe(3)
    expect(text.startsWith(limited.slice(0, -1))).toBe(true)
  })

  it('shows no more words than asked, and all of them where they fit', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.integer({ min: 1, max: 8 }), (text, most) => {
        const limited = limitWords(text, most, 'en')
        expect(countWords(limited, 'en')).toBeLessThanOrEqual(most)
        if (countWords(text, 'en') <= most) expect(limited).toBe(text.trim())
      }),
    )
  })
})

describe('the order of titles', () => {
  it('is the language’s own, and total', () => {
    const swedish = titleComparer('sv')
    expect(['ö', 'a', 'å', 'z', 'ä'].toSorted(swedish)).toEqual(['a', 'z', 'å', 'ä', 'ö'])
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.string({ unit: 'grapheme' }), (a, b) => {
        expect(titleComparer('en')(a, b) === 0).toBe(a === b)
      }),
    )
  })
})
