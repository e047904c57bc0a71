import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { longestSlug, slugOf, slugPattern } from './slug'

describe('a slug', () => {
  it.each([
    ['Leaf mould: the eighteen-month recipe', 'leaf-mould-the-eighteen-month-recipe'],
    ['Growers’ words', 'growers-words'],
    ['Crème brûlée, à la hill', 'creme-brulee-a-la-hill'],
    ['種子の 交換', '種子の-交換'],
    ['…!', ''],
  ])('of “%s” is “%s”', (title, slug) => {
    expect(slugOf(title)).toBe(slug)
  })

  it('always fits the pattern, or is empty', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (title) => {
        const slug = slugOf(title)
        expect(slug === '' || (slugPattern.test(slug) && slug.length <= longestSlug)).toBe(true)
      }),
    )
  })
})
