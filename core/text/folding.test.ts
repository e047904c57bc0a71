import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { isStorable } from '../storable'
import { folded } from './folding'
import { searchWords, wantedWords } from './search-words'

/** Whether somebody who looks for `wanted` finds it within `text`. */
function contains(text: string, wanted: string, locale = 'en'): boolean {
  return folded(text, locale).includes(folded(wanted, locale))
}

function isFound(text: string, wanted: string, locale: string): boolean {
  const words = searchWords(text, locale)
  const asked = wantedWords(wanted, locale)
  return asked.length > 0 && asked.every((word) => words.includes(word))
}

describe('a folded text', () => {
  // Unicode Technical Standard #10: differences of case and accent lie below the first level;
  // Unicode 3.13: full case folding.
  it.each([
    ['Éclair', 'eclair', 'en'],
    ['Crème Brûlée', 'creme brulee', 'fr'],
    ['Straße', 'STRASSE', 'de'],
    ['ΟΔΟΣ', 'οδος', 'el'],
    ['Ἀθῆναι', 'αθηναι', 'el'],
    ['can’t', "can't", 'en'],
    ['co\u00ADoperate', 'cooperate', 'en'],
    ['ISPARTA', 'ısparta', 'tr'],
    ['İzmir', 'izmir', 'tr'],
    ['שָׁלוֹם', 'שלום', 'he'],
    ['مُحَمَّد', 'محمد', 'ar'],
    ['Ёлка', 'елка', 'ru'],
    ['ﬁg', 'fig', 'en'],
    ['ｶﾗｽ', 'カラス', 'ja'],
    ['cafe\u0301', 'café', 'en'],
  ])('takes %s and %s for the same in %s', (a, b, locale) => {
    expect(folded(a, locale)).toBe(folded(b, locale))
  })

  it.each([
    ['ガラス', 'カラス', 'ja'],
    ['दिन', 'दान', 'hi'],
    ['กิน', 'กัน', 'th'],
    ['각', '가', 'ko'],
    ['år', 'ar', 'sv'],
    ['йод', 'иод', 'ru'],
    ['ISPARTA', 'isparta', 'tr'],
    ['কি', 'কা', 'bn'],
  ])('does not find %s by %s in %s', (text, wanted, locale) => {
    expect(contains(text, wanted, locale)).toBe(false)
  })

  it('stays as it is when it is folded again, and never breaks a character', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme' }),
        fc.constantFrom('en', 'de', 'tr', 'sv', 'ja', 'el'),
        (text, locale) => {
          const once = folded(text, locale)
          expect(folded(once, locale)).toBe(once)
          expect(isStorable(once)).toBe(true)
        },
      ),
    )
  })
})

describe('words to search by', () => {
  it.each([
    ['Éclairs & Zürich’s 10 beans', ['eclairs', 'zurichs', '10', 'beans']],
    ['bean BEAN Beän', ['bean']],
    ['🌱 — …', []],
    ['שלום עולם', ['שלום', 'עולם']],
  ])('are, of “%s”, %j', (text, words) => {
    expect(searchWords(text, 'ja')).toEqual(words)
  })

  it.each([
    ['北京市の図書館', '北京', 'zh'],
    ['北京市の図書館', '図書', 'ja'],
    ['กรุงเทพมหานคร', 'กรุงเทพ', 'th'],
    ['It can’t rain', "can't", 'en'],
    ['It can’t rain', 'cant', 'en'],
    ['Große Straße', 'grosse strasse', 'de'],
    ['種', '種', 'ja'],
  ])('find in “%s”: %s', (text, wanted, locale) => {
    expect(isFound(text, wanted, locale)).toBe(true)
  })

  it.each([
    ['ガラスの瓶', 'カラス', 'ja'],
    ['दिन भर', 'दान', 'hi'],
    ['beans', 'bean', 'en'],
  ])('do not find in “%s”: %s', (text, wanted, locale) => {
    expect(isFound(text, wanted, locale)).toBe(false)
  })

  it('are found in the text they come from, and can all be stored', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme', maxLength: 200 }),
        fc.constantFrom('en', 'ja', 'th', 'tr'),
        (text, locale) => {
          const words = searchWords(text, locale)
          expect(wantedWords(text, locale).filter((word) => !words.includes(word))).toEqual([])
          expect(words.every((word) => isStorable(word) && word !== '')).toBe(true)
        },
      ),
    )
  })
})
