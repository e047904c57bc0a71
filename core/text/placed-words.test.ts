import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hasWord, placedWords, wordParts } from './placed-words'
import type { WordPlace } from './placed-words'
import { searchWords, wantedWords } from './search-words'

const bean = {
  title: 'Frost on the Beans',
  summary: 'What it did.',
  text: 'The frost came late in May.',
  fields: new Map([[7, 'Runner beans']]),
}
const placed = placedWords(bean, 'en-GB')

describe('the words of an entry', () => {
  it.each<[string, readonly WordPlace[] | undefined, boolean]>([
    ['frost', undefined, true],
    ['frost', ['title'], true],
    ['frost', ['text'], true],
    ['frost', ['summary', 7], false],
    ['beans', ['text'], false],
    ['beans', ['text', 7], true],
    ['beans', [8], false],
    ['runner', ['title', 'summary', 'text'], false],
    ['late', ['title', 'summary', 7], false],
    ['hail', undefined, false],
    ['hail', ['text'], false],
  ])('“%s” is looked for in %j', (word, within, isThere) => {
    expect(hasWord(placed, word, within)).toBe(isThere)
  })

  it('are found where they are written and nowhere else, in any script', () => {
    const written = fc.oneof(
      fc.string({ unit: 'grapheme', maxLength: 12 }),
      fc.constantFrom('北京市', 'can’t', 'title frost', '- x', 'Straße', ''),
    )
    const texts = fc.record({
      title: written,
      summary: written,
      text: written,
      fields: fc.dictionary(fc.integer({ min: 1, max: 3 }).map(String), written),
    })
    fc.assert(
      fc.property(texts, written, fc.subarray([...wordParts, 1, 2, 3]), (given, sought, within) => {
        const fields = new Map(Object.entries(given.fields).map(([id, text]) => [Number(id), text]))
        const all = placedWords({ ...given, fields }, 'en-GB')
        const textOf = (place: WordPlace) =>
          typeof place === 'number' ? (fields.get(place) ?? '') : given[place]
        for (const word of wantedWords(sought, 'en-GB')) {
          const has = (place: WordPlace) => searchWords(textOf(place), 'en-GB').includes(word)
          expect(hasWord(all, word, within)).toBe(within.some(has))
          expect(hasWord(all, word)).toBe([...wordParts, 1, 2, 3].some((place) => has(place as WordPlace)))
        }
      }),
    )
  })
})
