import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { firstPiles, pileOf, piles, placeInPile, scatterOf, shuffleOf } from './shuffle'

const ids = Array.from({ length: 4000 }, (_, at) => at + 1)
const orderOf = (seed: string) => {
  const shuffle = shuffleOf(seed)
  const rank = (id: number) => shuffle.ranks[pileOf(id)] ?? 0
  return ids.toSorted((a, b) => rank(a) - rank(b) || placeInPile(a, shuffle) - placeInPile(b, shuffle))
}

describe('a shuffle', () => {
  it('is the same for the same seed and another for another', () => {
    expect(orderOf('a')).toEqual(orderOf('a'))
    expect(orderOf('a').slice(0, 20)).not.toEqual(orderOf('b').slice(0, 20))
  })

  it('holds every pile once, in ranks', () => {
    fc.assert(
      fc.property(fc.string(), (seed) => {
        const { ranks } = shuffleOf(seed)
        expect(new Set(ranks).size).toBe(piles)
        expect(firstPiles({ ...shuffleOf(seed) }, 3).map((pile) => ranks[pile])).toEqual([0, 1, 2])
      }),
      { numRuns: 20 },
    )
  })

  it('favours nobody: over many seeds each entry comes among the first as often as chance has it', () => {
    const some = ids.slice(0, 50)
    const counts = new Map<number, number>()
    const seeds = 400
    for (let seed = 0; seed < seeds; seed += 1) {
      const shuffle = shuffleOf(String(seed))
      const rank = (id: number) => (shuffle.ranks[pileOf(id)] ?? 0) * 2 ** 31 + placeInPile(id, shuffle)
      const [first] = some.toSorted((a, b) => rank(a) - rank(b))
      if (first !== undefined) counts.set(first, (counts.get(first) ?? 0) + 1)
    }
    // Chi-squared with 49 degrees of freedom: 85.4 is passed by chance once in a thousand (standard tables).
    const expected = seeds / some.length
    const chi = some.reduce((sum, id) => sum + ((counts.get(id) ?? 0) - expected) ** 2 / expected, 0)
    expect(chi).toBeLessThan(85.4)
  })

  it('spreads ids that follow each other over the piles', () => {
    expect(new Set(ids.slice(0, 200).map(pileOf)).size).toBeGreaterThan(150)
    expect(scatterOf(1)).not.toBe(scatterOf(2))
  })
})
