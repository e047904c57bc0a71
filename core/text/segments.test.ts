import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { segmentsOf, wordsIn } from './segments'

/** Referee: the platform's segmenter over the whole text at once. */
function wholeSegments(text: string, locale: string): string {
  return [...new Intl.Segmenter(locale, { granularity: 'word' }).segment(text)]
    .map((one) => `${one.index} ${String(one.isWordLike === true)} ${one.segment}`)
    .join('|')
}

const piece = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 30 }),
  fc.constantFrom(
    'e\u0301 ',
    ' \u0301',
    '\r\n',
    '3.5 ',
    'can’t ',
    '👩‍🌾',
    '種を借りる。',
    'กรุงเทพ',
    '\u00A0\u200D',
    'שלום ',
  ),
)

describe('the segments of a text', () => {
  // A word of more than 4,096 units is cut; nothing else is.
  it('are those of the whole text, however long it is', () => {
    fc.assert(
      fc.property(
        fc.array(piece, { minLength: 1, maxLength: 40 }),
        fc.constantFrom('en', 'ja', 'he'),
        (pieces, locale) => {
          const once = `${pieces.join(' ')} — `
          const text = once.repeat(Math.ceil(9000 / Math.max(1, once.length)))
          const cut = [...segmentsOf(text, locale)]
            .map((one) => `${one.index} ${String(one.isWord)} ${one.text}`)
            .join('|')
          expect(cut === wholeSegments(text, locale)).toBe(true)
        },
      ),
      { numRuns: 12 },
    )
  })

  // Latin words between all that may stand around and within them, in languages that cut in ways of
  // their own.
  it('are the same words where they are told by their form', () => {
    const sign = fc.constantFrom(...Array.from('aBz09\'".,;:!?-_()[]/@ \n\t\u00A0\u0301\u00AD\u200Dé’ßж豆א'))
    const text = fc.array(
      fc.oneof({ weight: 3, arbitrary: fc.constantFrom('bean', 'a', ' ', ' ', '. ', "('Leaf')") }, sign),
      { maxLength: 60 },
    )
    fc.assert(
      fc.property(text, fc.constantFrom('en', 'sv', 'fi', 'el', 'he', 'ja', 'th'), (signs, locale) => {
        const whole = new Intl.Segmenter(locale, { granularity: 'word' }).segment(signs.join(''))
        const words = [...whole]
          .filter((one) => one.isWordLike === true)
          .map((one) => `${one.index} ${one.segment}`)
        expect([...wordsIn(signs.join(''), locale)].map((one) => `${one.index} ${one.text}`)).toEqual(words)
      }),
      { numRuns: 4000 },
    )
  })

  it('lose nothing of a text without any space', () => {
    for (const text of ['x'.repeat(20_000), '豆'.repeat(20_000), '👩‍🌾'.repeat(3000), 'e\u0301'.repeat(9000)]) {
      expect([...segmentsOf(text, 'en')].map((one) => one.text).join('')).toBe(text)
    }
  })

  it('take memory and time as the text grows, not as its square', () => {
    const words = (count: number) => 'the wire pen and the wet autumn '.repeat(count)
    const spent = (text: string) => {
      const start = process.hrtime.bigint()
      const counted = [...wordsIn(text, 'en')].length
      return { counted, took: Number(process.hrtime.bigint() - start) }
    }
    spent(words(500))
    const [short, long] = [spent(words(800)), spent(words(12_800))]
    expect(long.counted).toBe(short.counted * 16)
    // Sixteen times the text: the old way took two hundred times as long, or all the memory there is.
    expect(long.took / short.took).toBeLessThan(80)
  })
})
